import { describe, expect, test } from '@jest/globals';
import { benchEvidence, classOf, pfundOf } from './benchEvidence';
import { colourContentSchema, type ColourContent } from '../../records/bench/colour';
import { labReportContentSchema, type LabReportContent } from '../../records/bench/labReport';
import { freshLotContent } from '../../records/lots/lot';
import type { SensesContent } from '../../records/bench/senses';
import { sentence } from '../../records/test/sentence';

describe('colour, senses and laboratory of a lot', () => {
  const at = (day: number): string => `2026-08-0${day}T10:00:00.000Z`;
  const colour = (read: ColourContent['read'], day = 1): ColourContent => ({
    containerId: null,
    item: null,
    read,
    takenAt: at(day),
    who: '',
    remark: '',
  });
  const report = (change: Partial<LabReportContent>): LabReportContent => ({
    laboratory: 'Lab',
    reportNumber: '',
    day: '2026-08-20',
    values: {},
    pollen: [],
    remark: '',
    ...change,
  });
  const senses: Omit<SensesContent, 'takenAt'> = {
    notes: [],
    faults: [],
    foam: 'none',
    impurities: [],
    typical: null,
    who: '',
    remark: '',
  };
  const lot = { ...freshLotContent('x', '2026-08-01'), plant: 'Ling heather' };
  const nothing = { plan: null, colours: [], senses: [], labReports: [] };

  test('a colour is a class however it was read', () => {
    expect(classOf(colour({ by: 'comparator', pfundMm: 62 }))).toBe('light-amber');
    const photometer = colour({ by: 'photometer', absorbance: 0.3, pathCm: 1, dilution: '50 %' });
    expect(pfundOf(photometer)).toBeCloseTo(72.7, 1);
    expect(classOf(colour({ by: 'eye', classId: 'amber' }))).toBe('amber');
    expect(
      sentence(
        colourContentSchema,
        colour({ by: 'photometer', absorbance: 4, pathCm: 1, dilution: '50 %' }),
      ),
    ).toContain('dilute it further');
    expect(
      sentence(
        colourContentSchema,
        colour({ by: 'photometer', absorbance: 0.3, pathCm: 1, dilution: ' ' }),
      ),
    ).toContain('State the dilution');
  });

  test('each quantity comes from the latest report that has it; a fault stands until it is taken back', () => {
    const evidence = benchEvidence(lot, {
      ...nothing,
      labReports: [
        report({ day: '2026-09-01', values: { hmfMgPerKg: { value: 9, expanded: 1 } } }),
        report({
          values: {
            hmfMgPerKg: { value: 4, expanded: null },
            diastaseSchade: { value: 12, expanded: null },
          },
        }),
      ],
      senses: [
        { ...senses, faults: ['smoke'], foam: 'thick', impurities: ['wax'], takenAt: at(1) },
        { ...senses, faults: [], impurities: [], takenAt: at(2) },
      ],
    });
    expect(evidence.laboratory?.values).toMatchObject({
      hmfMgPerKg: { value: 9 },
      diastaseSchade: { value: 12 },
    });
    expect(evidence.senses).toEqual({ faults: ['smoke'], foam: 'none', impurities: [] });
  });

  test('pollen, conductivity and senses of the lot’s own flower', () => {
    const evidence = benchEvidence(lot, {
      ...nothing,
      colours: [colour({ by: 'comparator', pfundMm: 100 })],
      senses: [{ ...senses, faults: [], impurities: [], typical: true, takenAt: at(1) }],
      labReports: [
        report({
          values: { conductivityMsPerCm: { value: 0.7, expanded: null } },
          pollen: [
            { plant: 'Calluna', percent: 30 },
            { plant: 'heather, other', percent: 5 },
            { plant: 'clover', percent: 60 },
          ],
        }),
      ],
    });
    expect(evidence.flower).toEqual({
      plant: 'Ling heather',
      pollenPercent: 35,
      conductivityMsPerCm: 0.7,
      colour: 'amber',
      tastesTypical: true,
    });
    expect(benchEvidence(lot, nothing)).toEqual({ claimed: { category: null, claims: [] } });
  });

  test('a report says something, and its pollen is at most all of it', () => {
    expect(sentence(labReportContentSchema, report({}))).toBe(
      'Type at least one value from the report.',
    );
    const much = [
      { plant: 'a', percent: 60 },
      { plant: 'b', percent: 60 },
    ];
    expect(sentence(labReportContentSchema, report({ pollen: much }))).toContain('more than 100 %');
    const impossible = report({ values: { hmfMgPerKg: { value: -1, expanded: null } } });
    expect(sentence(labReportContentSchema, impossible)).toBe('This must be between 0 and 2,000.');
  });
});
