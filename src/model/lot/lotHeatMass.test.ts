import { describe, expect, test } from '@jest/globals';
import { DAY_MS, heatBalance } from '../../core';
import { lotFileOf } from './lotFile';
import { lotHeat, spellsOfLog } from './lotHeat';
import { lotMass } from './lotMass';
import { firstRevision } from '../../records/revise';
import { roomFilesOf } from '../room/roomFile';
import { SAMPLE_HEAT, SAMPLE_WEIGHING } from '../../records/test/sampleExtraction';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import { SAMPLE_LOG, sampleRoom } from '../../records/test/sampleRoom';

const scribe = countingScribe('heat');
const lot = sampleLot(countingScribe('lot'));
const lotId = lot[0]!.entityId;
const NOW = Date.parse('2026-11-22T08:00:00.000Z');

const fileWith = (...more: Parameters<typeof lotFileOf>[0]) => lotFileOf([...lot, ...more])!;

const hmfReport = (day: string, hmf: number) =>
  firstRevision(
    scribe,
    'lab-report',
    {
      laboratory: 'Harbour Bench',
      reportNumber: '1',
      day,
      values: { hmfMgPerKg: { value: hmf, expanded: 2 } },
      pollen: [],
      remark: '',
    },
    lotId,
  );

describe('warmth of a lot', () => {
  test('typed spells count as the core counts them', () => {
    const heat = lotHeat(
      fileWith(firstRevision(scribe, 'heat-spell', SAMPLE_HEAT, lotId)),
      [],
      NOW,
    );
    const spent = heatBalance([{ days: 2, temperatureC: 40 }]);
    expect(heat.balance.hmfFormed.likely).toBeCloseTo(spent.hmfFormed.likely, 9);
    expect(heat.origin.reportedMs).toBeNull();
  });

  test('a warm room in which its combs stood counts by itself: the log first, then the set point', () => {
    const rooms = roomFilesOf(sampleRoom(countingScribe('room'), [lotId]));
    const [entry] = lotHeat(fileWith(), rooms, NOW).entries;
    expect(entry).toMatchObject({ occasion: 'drying', from: 'log' });
    expect(entry!.history.reduce((sum, warmSpell) => sum + warmSpell.days, 0)).toBeCloseTo(2, 9);
    expect(entry!.history.at(-1)?.temperatureC).toBe(SAMPLE_LOG.temperatureC.at(-1));
    const bare = roomFilesOf(
      sampleRoom(countingScribe('bare'), [lotId]).filter((record) => record.kind !== 'air-log'),
    );
    expect(lotHeat(fileWith(), bare, NOW).entries[0]).toMatchObject({
      from: 'room',
      history: [{ days: 2, temperatureC: 33 }],
    });
    expect(
      lotHeat(fileWith(), roomFilesOf(sampleRoom(countingScribe('other'))), NOW).entries,
    ).toEqual([]);
  });

  test('a stretch of a log, hour by hour, slips left out; nothing where it wrote nothing', () => {
    const room = roomFilesOf(sampleRoom(countingScribe('log')))[0]!;
    const from = Date.parse(SAMPLE_LOG.startedAt);
    const spells = spellsOfLog(room, from, from + 3 * 3_600_000);
    expect(spells.map((spell) => spell.temperatureC)).toEqual([30, 32, 33]);
    expect(spells.reduce((sum, spell) => sum + spell.days, 0)).toBeCloseTo(3 / 24, 9);
    expect(spellsOfLog(room, from - 10 * DAY_MS, from - 9 * DAY_MS)).toEqual([]);
  });

  test('what lay before a laboratory report is in its value; what lay after counts', () => {
    const spell = firstRevision(scribe, 'heat-spell', SAMPLE_HEAT, lotId);
    const before = lotHeat(fileWith(spell, hmfReport('2026-08-20', 11)), [], NOW);
    expect(before.balance.hmf).toEqual({ low: 9, likely: 11, high: 13 });
    expect(before.origin.laboratory).toBe('Harbour Bench');
    const midway = lotHeat(fileWith(spell, hmfReport('2026-08-15', 11)), [], NOW);
    const left = midway.counted.reduce((sum, warmSpell) => sum + warmSpell.days, 0);
    // it began on the 13th at 16:00 and lasts two days: 16 hours are left on the 15th
    expect(left).toBeCloseTo(16 / 24, 9);
    const last = lotHeat(
      fileWith(hmfReport('2026-08-20', 11), hmfReport('2026-08-25', 15)),
      [],
      NOW,
    );
    expect(last.balance.hmf.likely).toBe(15);
  });
});

describe('mass of a lot', () => {
  const weigh = (stage: typeof SAMPLE_WEIGHING.stage, massKg: number) =>
    firstRevision(scribe, 'weighing', { ...SAMPLE_WEIGHING, stage, massKg }, lotId);

  test('drip is a container of its own and never counts with the rest', () => {
    const pails = firstRevision(
      scribe,
      'container',
      {
        containerKind: 'bucket',
        label: 'Drip pail',
        count: 2,
        amount: { by: 'mass', massKg: 3, plusMinusKg: 0.1 },
        suspects: [{ item: 2, because: 'drip' }],
      },
      lotId,
    );
    const without = lotMass(fileWith(), 17).got?.massKg ?? 0;
    const { balance, got } = lotMass(fileWith(pails, weigh('in-comb', 40)), 17);
    expect(got!.massKg - without).toBeCloseTo(3, 9);
    expect(balance.lines.find((line) => line.stage === 'drip')?.mass.massKg).toBe(3);
  });

  test('several weighings of a stage add up, and what was weighed outranks what was judged', () => {
    const { balance } = lotMass(
      fileWith(weigh('skimmed', 0.4), weigh('skimmed', 0.2), weigh('in-comb', 40)),
      17,
    );
    expect(balance.lines.find((line) => line.stage === 'skimmed')?.mass.massKg).toBeCloseTo(0.6, 9);
    expect(balance.lines.find((line) => line.stage === 'in-comb')?.from).toBe('weighed');
  });
});
