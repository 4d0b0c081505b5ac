import { describe, expect, test } from '@jest/globals';
import { demoLedger } from '../../../../demo/demoLedger';
import { demoSeason } from '../../../../demo/season';
import { DAY_MS, ruleOnLot, type BlendPlan, type BlendTask, say } from '../../../core';
import {
  contentsOf,
  evidenceFrom,
  jarStocks,
  knownFor,
  storedVessels,
  type Ledger,
  type StoredLot,
} from '../../../model';
import { countingScribe } from '../../../records/test/sampleLot';
import {
  daysUntil,
  keepingBasis,
  storedYears,
  temperatureOf,
  worstKeeping,
} from '../../../model/store/keeping';
import { isInStore, watchList } from '../../data/watchList';
import { barredBecause, blendStore } from './blendContainers';
import { blendContent } from './blendContent';
import { blendedLotRecords } from './blendedLot';

const NOW_MS = Date.parse('2026-11-24T12:00:00.000Z');
const HERE_NOW = { nowMs: NOW_MS, hemisphere: 'north' } as const;
const ledger: Ledger = demoLedger(demoSeason('2026-11-24', NOW_MS), NOW_MS);
const related = ledger.related;

function storedLot(lotId: string): StoredLot {
  const file = ledger.files.find((lotFile) => lotFile.lot.entityId === lotId)!;
  const contents = contentsOf(file);
  const evidence = evidenceFrom(contents, knownFor(ledger, { lotId, contents }));
  const ruling = ruleOnLot(evidence);
  return {
    file,
    evidence,
    ruling,
    readingsPercent: [],
    settled: file.ruling !== null,
    vessels: storedVessels(file, 17.5, related.poured),
    jars: jarStocks(file),
  };
}

const lots = ledger.files.map((file) => storedLot(file.lot.entityId));
const [borage, beans, marsh, ling] = ['demo-1-1', 'demo-3-1', 'demo-5-1', 'demo-9-1'].map(
  storedLot,
) as [StoredLot, StoredLot, StoredLot, StoredLot];

describe('where honey stands', () => {
  test('its places outrank the lot’s store, and each is there once', () => {
    expect(storedYears(borage.file.lot, borage.vessels)).toEqual([{ meanC: 12, swingC: 3 }]);
    expect(storedYears(marsh.file.lot, marsh.vessels)).toEqual([{ meanC: 19, swingC: 3 }]);
    expect(storedYears(borage.file.lot, [])).toEqual([{ meanC: 14, swingC: 3 }]);
    const emptied = borage.vessels.map((vessel) => ({ ...vessel, isEmpty: true }));
    expect(storedYears(borage.file.lot, emptied)).toEqual([{ meanC: 14, swingC: 3 }]);
  });

  test('of several places the one to look at first counts', () => {
    const basis = keepingBasis(marsh.evidence, marsh.ruling);
    const cold = { meanC: 4, swingC: 0 };
    const warm = { meanC: 21, swingC: 0 };
    expect(worstKeeping(basis, [cold, warm], HERE_NOW)?.year).toEqual(warm);
    expect(worstKeeping(basis, [], HERE_NOW)).toBeNull();
  });

  test('a temperature that was noted outranks what is usual there; elsewhere nobody knows', () => {
    expect(temperatureOf('cellar', 9)).toEqual({ meanC: 9, swingC: 3 });
    expect(temperatureOf('other', null)).toBeNull();
    expect(temperatureOf(null, null)).toBeNull();
  });
});

describe('the watch list', () => {
  const titles = (nowMs: number, of = lots) => watchList(of, [], nowMs).map((watch) => watch.title);

  test('names what is overdue first, and nothing of what is gone', () => {
    const all = watchList(lots, [], NOW_MS);
    expect(all.map((watch) => watch.by)).toEqual([...all.map((watch) => watch.by)].sort());
    expect(titles(NOW_MS)).toContain('Look at Ling from the moor again');
    const gone = {
      ...ling,
      vessels: ling.vessels.map((vessel) => ({ ...vessel, isEmpty: true })),
      jars: [],
    };
    expect(isInStore(gone)).toBe(false);
    expect(titles(NOW_MS, [gone])).toEqual([]);
  });

  test('a container opened to pour a blend is used first, from the day on which it was poured', () => {
    const vessel = borage.vessels[1]!;
    expect(vessel.openedAt?.slice(0, 10)).toBe('2026-11-23');
    const later = NOW_MS + 30 * DAY_MS;
    expect(titles(later, [borage])).toContain(`Use ${vessel.label} of Borage, east field first`);
  });

  test('jars near their best before are reported', () => {
    const packing = beans.jars[0]!.packing.content;
    const near = Date.parse(packing.bestBefore) - 20 * DAY_MS;
    expect(titles(near, [beans])).toContain(`22 jars ${packing.code}: best before is near`);
    expect(titles(Date.parse(packing.bestBefore) - 90 * DAY_MS, [beans])).not.toContain(
      `22 jars ${packing.code}: best before is near`,
    );
  });

  test('combs kept for spring are looked at month by month', () => {
    const comb = { frameId: 'f', day: '2026-11-01', hasOpenCells: true, place: 'Hive 1' };
    const [found] = watchList([], [comb, { ...comb, frameId: 'g', hasOpenCells: false }], NOW_MS);
    expect(found).toMatchObject({
      kind: 'spring',
      title: 'Check 2 combs kept for spring',
      by: '2026-12-01',
    });
    expect(found?.why).toContain('1 with open cells');
    const old = watchList([], [{ ...comb, day: '2026-10-01' }], NOW_MS)[0];
    expect(daysUntil(old!.by, NOW_MS)).toBeGreaterThanOrEqual(0);
  });
});

describe('containers for a blend', () => {
  test('have their own reading where there is one, and what is left in them', () => {
    const { containers, systematicPercent } = blendStore([borage, marsh]);
    expect(containers).toHaveLength(6);
    expect(systematicPercent).toBeGreaterThan(0.05);
    const wet = containers.filter((container) => container.meanPercent > 20);
    expect(wet).toHaveLength(2);
    expect(containers[0]!.massKg).toBeCloseTo(14.2 - 13, 6);
    expect(containers.every((container) => container.barredBecause === null)).toBe(true);
    expect(new Set(containers.map((container) => container.flow)).size).toBe(2);
  });

  test('are barred where the lot is blocked, ferments or was never measured', () => {
    const unread = storedLot('demo-4-1');
    expect(
      blendStore([unread]).containers.every(
        (container) => container.barredBecause === 'it has not been measured yet',
      ),
    ).toBe(true);
    const { evidence } = marsh;
    expect(barredBecause({ ...evidence, signs: ['gas'] }, true)).toBe('it ferments');
    const inherited = [{ lotCode: 'x', because: say('rules.itCameIntoContactWith') }];
    expect(barredBecause({ ...evidence, inherited }, true)).toMatch(/^lot x was blended into it/);
    expect(barredBecause(evidence, true)).toBeNull();
  });
});

describe('a blend that is kept and poured', () => {
  const { containers, systematicPercent } = blendStore([borage, marsh]);
  const task: BlendTask = {
    containers,
    tanks: [{ id: 'Tank 1', capacityKg: 30 }],
    targetPercent: 18,
    systematicPercent,
    aim: 'save',
    mixFlows: true,
    mixColours: true,
    wholeOnly: false,
    openingWorthKg: 0.5,
  };
  const [dry, wet] = [containers[2]!, containers[4]!];
  const plan: BlendPlan = {
    pours: [
      { containerId: dry.id, tankId: 'Tank 1', massKg: 12.34567 },
      { containerId: wet.id, tankId: 'Tank 1', massKg: 4 },
    ],
    tanks: [
      {
        tankId: 'Tank 1',
        massKg: 16.3,
        moisture: { mean: 17.456789, standardUncertainty: 0.2 },
        upperPercent: 17.8,
      },
    ],
    opened: [dry.id, wet.id],
    savedKg: 4,
    leftKg: 0,
    worthKg: 3,
    boundKg: 3,
  };
  const content = blendContent(plan, {
    task,
    lots: [borage, marsh],
    name: 'Table',
    day: '2026-11-24',
  });

  test('names containers and lots as they are called on that day', () => {
    const [tank] = content.tanks;
    expect(tank).toMatchObject({
      label: 'Tank 1',
      capacityKg: 30,
      lotId: null,
      expected: { meanPercent: 17.457 },
    });
    expect(tank!.pours.map((pour) => [pour.label, pour.lotId, pour.massKg])).toEqual([
      ['Bucket 3', 'demo-1-1', 12.346],
      ['Bucket 1', 'demo-5-1', 4],
    ]);
  });

  test('becomes a lot in the name of its parents, and the blend knows it', () => {
    const planned = related.blends[0]!;
    const blend = { ...planned, content };
    const made = blendedLotRecords(countingScribe('made'), blend, {
      at: 0,
      pouredKg: 16,
      fromLotIds: content.tanks[0]!.pours.map((pour) => pour.lotId),
      files: ledger.files,
    });
    const [lot, tank, next] = made;
    expect(lot?.kind === 'lot' && lot.content).toMatchObject({
      name: 'Table, Tank 1',
      plant: expect.stringContaining('borage'),
      ruleSetId: 'eu-2001-110',
      targetPercent: 18,
      honeyKind: 'ordinary',
    });
    expect(tank?.kind === 'container' && tank.content.amount).toMatchObject({ massKg: 16 });
    expect(next?.kind === 'blend' && next.content.tanks[0]?.lotId).toBe(lot?.entityId);
    expect(next?.supersedes).toBe(blend.id);
    const [some] = blendedLotRecords(countingScribe('some'), blend, {
      at: 0,
      pouredKg: 4,
      fromLotIds: ['demo-5-1'],
      files: ledger.files,
    });
    // what was planned and never poured is no parent
    expect(some?.kind === 'lot' && some.content.plant).not.toBe(
      lot?.kind === 'lot' && lot.content.plant,
    );
  });
});
