import { describe, expect, test } from '@jest/globals';
import {
  FRESH_HONEY,
  HEAT_LIMITS,
  diastaseHalfLifeDays,
  honeyDoneMin,
  type LineBar,
} from '../../../core';
import { honeyHouseOf, momentOfClock, suggestedContainers } from '../../../model';
import { firstRevision } from '../../../records';
import { SAMPLE_EXTRACTION, SAMPLE_POUR } from '../../../records/test/sampleExtraction';
import { countingScribe } from '../../../records/test/sampleLot';
import { askedDay, loadsOfDay } from './dayQuestion';
import { DEFAULT_PREFERENCES } from '../../../records';
import { readJarSizes } from './jarText';
import { joinedBars } from './parts/Timeline';
import { askedStrainer } from './strainerQuestion';
import { planOutcome } from './warmingPlans';

const MORNING = momentOfClock(SAMPLE_EXTRACTION.day, 9 * 60);

function dayFile(change: Partial<typeof SAMPLE_EXTRACTION> = {}, pour = false) {
  const scribe = countingScribe('asked');
  const day = firstRevision(scribe, 'extraction', { ...SAMPLE_EXTRACTION, ...change });
  const more = pour ? [firstRevision(scribe, 'pour', SAMPLE_POUR, day.entityId)] : [];
  return honeyHouseOf([day, ...more]).days[0]!;
}

describe('what is asked of a day', () => {
  test('pails suggested hold what the course strains; the last one is judged by itself', () => {
    const asked = askedDay(dayFile(), MORNING);
    const containers = suggestedContainers(SAMPLE_EXTRACTION, asked.pails, {
      pail: 'Pail',
      last: () => 'Last pail',
    });
    const kg = containers.reduce(
      (sum, container) =>
        sum + container.count * (container.amount?.by === 'mass' ? container.amount.massKg : NaN),
      0,
    );
    expect(kg).toBeCloseTo(asked.plan.course.mass.strained, 1);
    expect(containers.at(-1)?.suspects).toEqual([{ item: 1, because: 'last-of-extractor' }]);
    expect(loadsOfDay(asked.now)).toBe(4);
  });

  test('warmer honey is asked with five degrees more, never where wax would soften, never for ling', () => {
    const warmed = askedDay(dayFile(), MORNING).question.warmed;
    expect(warmed!.strainer.cycle.kg).toBeGreaterThan(0);
    expect(askedDay(dayFile({ temperatureC: 31 }), MORNING).question.warmed).toBeNull();
    expect(askedDay(dayFile({ honeyKind: 'heather' }), MORNING).question.warmed).toBeNull();
  });

  test('warmer honey keeps the pace that the line really has', () => {
    const { question } = askedDay(dayFile({}, true), MORNING);
    const { cycle } = question.task.line.strainer;
    const ratio = cycle.minutes.at(-1)! / question.warmed!.strainer.cycle.minutes.at(-1)!;
    const plain = askedDay(dayFile(), MORNING).question;
    const plainRatio =
      plain.task.line.strainer.cycle.minutes.at(-1)! / plain.warmed!.strainer.cycle.minutes.at(-1)!;
    expect(ratio).toBeCloseTo(plainRatio, 6);
  });

  test('the strainer by itself: a night in a tank and warmth both shorten it', () => {
    const asked = askedStrainer(dayFile());
    const [asIs, warm, night] = asked.lines.map((line) => line.points.at(-1)!.minutes);
    expect(asIs).toBeCloseTo(asked.minutes, 6);
    expect(warm).toBeLessThan(asIs!);
    expect(night).toBeLessThan(asIs!);
    expect(asked.calibrated).toBeNull();
    expect(askedStrainer(dayFile({}, true)).calibrated).not.toBeNull();
    expect(honeyDoneMin(askedDay(dayFile(), MORNING).plan.course)).toBeGreaterThan(540);
  });
});

describe('bars that nearly touch', () => {
  const bar = (row: LineBar['row'], task: LineBar['task'], fromMin: number, toMin: number) => ({
    row,
    task,
    fromMin,
    toMin,
  });

  test('are one, row by row and kind by kind', () => {
    const bars = [
      bar('person-0', 'uncap', 0, 1),
      bar('person-1', 'uncap', 0.5, 2),
      bar('person-0', 'uncap', 1.1, 2),
      bar('person-0', 'load', 2, 3),
      bar('person-0', 'uncap', 3, 4),
      bar('person-0', 'uncap', 9, 10),
    ];
    expect(
      joinedBars(bars, 0.5).map((joinedBar) => [
        joinedBar.row,
        joinedBar.task,
        joinedBar.fromMin,
        joinedBar.toMin,
      ]),
    ).toEqual([
      ['person-0', 'uncap', 0, 2],
      ['person-1', 'uncap', 0.5, 2],
      ['person-0', 'load', 2, 3],
      ['person-0', 'uncap', 3, 4],
      ['person-0', 'uncap', 9, 10],
    ]);
  });
});

describe('jars as they are written', () => {
  const HONEY = { preferences: DEFAULT_PREFERENCES, moisturePercent: 18 };

  test('grams, kilograms, ounces and pounds, with a number where it is given', () => {
    const typed = readJarSizes('500 g, 0,25 kg × 20; 8 oz x 3, 1 lb, half litre x 2', HONEY);
    if (!typed.ok) throw new Error(typed.sentence);
    expect(typed.sizes.map((size) => size.atMost)).toEqual([null, 20, 3, null, 2]);
    expect(typed.sizes.map((size) => Number(size.netKg.toFixed(4)))).toEqual([
      0.5, 0.25, 0.2268, 0.4536, 0.7072,
    ]);
  });

  test.each(['', 'half a pound', '500 g each', '0 g', '90 kg'])('%p says what to do', (text) => {
    const typed = readJarSizes(text, HONEY);
    expect(typed.ok).toBe(false);
  });
});

describe('two ways to warm', () => {
  const fresh = { balance: FRESH_HONEY, limits: HEAT_LIMITS };
  const common = { vessel: 'jar', startC: 18, moisturePercent: 17 } as const;

  test('a jar for a month at 40 °C has nearly aged as if it had been warm at once', () => {
    const { alone, endC, thinner } = planOutcome({ cabinetC: 40, days: 30 }, common, fresh);
    expect(alone.diastaseLeft.likely).toBeCloseTo(2 ** (-30 / diastaseHalfLifeDays(40)), 1);
    expect(endC).toBeCloseTo(40, 6);
    expect(thinner).toBeGreaterThan(5);
  });

  test('a drum lags, so the same days cost it less', () => {
    const at = (vessel: 'jar' | 'drum') =>
      planOutcome({ cabinetC: 45, days: 1 }, { ...common, vessel }, fresh).alone.hmfFormed.likely;
    expect(at('drum')).toBeLessThan(0.6 * at('jar'));
  });
});
