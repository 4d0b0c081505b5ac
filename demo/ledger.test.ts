import { describe, expect, test } from '@jest/globals';
import { DAY_MS, METHOD_TERMS, SPREAD_PRIORS, ruleOnLot, type LotEvidence } from '../src/core';
import { contentsOf, evidenceFrom, isRulingOutdated, knownFor } from '../src/model';
import { firstRevision, nextRevision, type AnyRecord, type Blend } from '../src/records';
import { demoLedger } from './demoLedger';
import { demoScribe } from './scribe';
import { demoSeason } from './season';
import { inEnglish } from '../src/core/test/inEnglish';

const TODAY_MS = Date.parse('2026-11-24T12:00:00.000Z');
const season = demoSeason('2026-11-24', TODAY_MS);

function evidenceOf(records: readonly AnyRecord[], lotId: string): LotEvidence {
  const ledger = demoLedger(records, TODAY_MS);
  const file = ledger.files.find((lotFile) => lotFile.lot.entityId === lotId)!;
  const contents = contentsOf(file);
  return evidenceFrom(contents, knownFor(ledger, { lotId, contents }));
}

const outcomeOf = (records: readonly AnyRecord[], lotId: string) =>
  ruleOnLot(evidenceOf(records, lotId)).outcome;

/** A treatment of a hive with its honey boxes on, so many days ago. */
function treatment(name: string, daysAgo: number): AnyRecord {
  const hive = season.find((record) => record.kind === 'colony' && record.content.name === name)!;
  const from = new Date(TODAY_MS - daysAgo * DAY_MS).toISOString().slice(0, 10);
  return firstRevision(demoScribe(`given-${daysAgo}`, TODAY_MS, daysAgo), 'given', {
    givenKind: 'treatment',
    name: 'strips',
    colonyIds: [hive.entityId],
    fromDay: from,
    toDay: null,
    boxesOn: true,
    waitDays: 0,
    fromTemperatureC: null,
    toTemperatureC: null,
    remark: '',
  });
}

/** The beans blended into a new lot: a line of a pouring list, ticked off with another weight. */
function blendOfBeans(massKg: number): { records: AnyRecord[]; lotId: string } {
  const scribe = demoScribe('beans-blend', TODAY_MS, 1);
  const beans = season.find((record) => record.kind === 'lot' && record.entityId === 'demo-3-1')!;
  const bucket = season.find(
    (record) => record.kind === 'container' && record.ownerId === 'demo-3-1',
  )!;
  if (beans.kind !== 'lot') throw new Error('no beans');
  const lot = firstRevision(scribe, 'lot', { ...beans.content, code: 'blended', name: 'Blended' });
  const line = {
    containerId: bucket.entityId,
    item: 1,
    label: 'Bucket',
    lotCode: beans.content.code,
  };
  const planned = firstRevision(scribe, 'blend', {
    name: 'Blend',
    day: '2026-11-23',
    targetPercent: 18,
    aim: 'save',
    mixFlows: true,
    mixColours: true,
    wholeOnly: false,
    tanks: [
      {
        label: 'Tank 1',
        capacityKg: 20,
        lotId: lot.entityId,
        expected: { meanPercent: 18.5, standardPercent: 0.2 },
        pours: [
          { ...line, lotId: 'demo-3-1', massKg: 2, meanPercent: 17.5 },
          { ...line, lotId: 'demo-5-1', massKg: 2, meanPercent: 19.5 },
        ],
      },
    ],
    remark: '',
  });
  const tick = (pour: number, kg: number) =>
    firstRevision(
      scribe,
      'blend-tick',
      { tank: 0, pour, massKg: kg, at: scribe.now() },
      planned.entityId,
    );
  return { records: [lot, planned, tick(0, massKg), tick(1, 1)], lotId: lot.entityId };
}

describe('what other lots and the kind of honey bring to the evidence', () => {
  test('vessels of lots before it teach what its own may differ by', () => {
    const last = evidenceOf(season, 'demo-8-1').learned?.betweenVessels;
    const first = evidenceOf(season, 'demo-1-1').learned?.betweenVessels;
    expect(last?.from).toBeGreaterThan(first?.from ?? 0);
    expect(last?.degreesOfFreedom).toBeGreaterThan(
      SPREAD_PRIORS.betweenVessels.degreesOfFreedom + 2,
    );
  });

  test('heather carries the method’s doubt of heather', () => {
    const methodOf = (lotId: string) => {
      const { readings, earlier = [] } = evidenceOf(season, lotId);
      return [...readings, ...earlier][0]?.budget.method;
    };
    expect(methodOf('demo-9-1')).toBe(METHOD_TERMS.heather);
    expect(methodOf('demo-1-1')).toBe(METHOD_TERMS.blossom);
  });
});

describe('what is written down elsewhere enters the ruling', () => {
  test('a treatment found out later blocks the lot of that hive’s frames, one after the day does not', () => {
    expect(outcomeOf(season, 'demo-3-1')).toBe('conditions');
    expect(outcomeOf([...season, treatment('Hive 7', 60)], 'demo-3-1')).toBe('reject');
    expect(outcomeOf([...season, treatment('Hive 7', 10)], 'demo-3-1')).toBe('conditions');
    expect(outcomeOf([...season, treatment('Hive 4', 60)], 'demo-3-1')).toBe('conditions');
  });

  test('and passes on to what the lot was blended into, whatever its own evidence says', () => {
    const { records, lotId } = blendOfBeans(3);
    expect(evidenceOf([...season, ...records], lotId).inherited).toBeUndefined();
    const found = evidenceOf([...season, ...records, treatment('Hive 7', 60)], lotId);
    expect(inEnglish(found.inherited?.[0]?.because)).toMatch(/^Frames of Hive 7/);
    expect(ruleOnLot(found).outcome).toBe('reject');
    expect(ruleOnLot(found).ways.every((way) => !way.open)).toBe(true);
  });

  test('a blend is computed by what the scale said, not by the plan', () => {
    const { records, lotId } = blendOfBeans(3);
    expect(evidenceOf([...season, ...records], lotId).blended?.mean).toBeCloseTo(
      (3 * 17.5 + 19.5) / 4,
      9,
    );
    const nothing = records.filter((record) => record.kind !== 'blend-tick');
    expect(evidenceOf([...season, ...nothing], lotId).blended).toBeUndefined();
  });

  test('a tick taken back no longer counts, for the blend and for the container', () => {
    const { records, lotId } = blendOfBeans(3);
    const tick = records.find((record) => record.kind === 'blend-tick')!;
    const back = nextRevision(demoScribe('back', TODAY_MS, 0), tick, {
      withdrawn: true,
      reason: 'Not poured',
    });
    expect(evidenceOf([...season, ...records, back], lotId).blended?.mean).toBeCloseTo(19.5, 9);
  });

  test('the mesh of the day, warmth and drier honey of its kind are there where they were written down', () => {
    const last = evidenceOf(season, 'demo-7-1');
    expect(last.finestMeshUm).toBeGreaterThan(0);
    expect(evidenceOf(season, 'demo-5-1').drierStock?.moisturePercent).toBeLessThan(17.7);
    expect(evidenceOf(season, 'demo-9-1').drierStock).toBeUndefined();
    expect(evidenceOf(season, 'demo-9-1').heat?.spentShare.likely).toBeGreaterThan(0);
  });

  test('signed lots of the demo are in order with everything around them', () => {
    const ledger = demoLedger(season, TODAY_MS);
    for (const file of ledger.files.filter((lotFile) => lotFile.ruling)) {
      const { outcome } = ruleOnLot(evidenceOf(season, file.lot.entityId));
      // the treatment that was recorded after the jars had left turned what was signed
      const isTurned = file.lot.content.name === 'Field yard, clover boxes';
      expect(isRulingOutdated(file, ledger.meters, outcome)).toBe(isTurned);
    }
  });

  test('a yard treated with its boxes on, written down late: blocked, and its jars called back', () => {
    const ledger = demoLedger(season, TODAY_MS);
    const file = ledger.files.find(
      (lotFile) => lotFile.lot.content.name === 'Field yard, clover boxes',
    )!;
    const ruling = ruleOnLot(evidenceOf(season, file.lot.entityId));
    expect(ruling.outcome).toBe('reject');
    expect(inEnglish(ruling.findings[0]?.sentence)).toMatch(
      /^Frames of Hive 8: On the hive during treatment/,
    );
    const out = file.jarMoves.filter((jarMove) => jarMove.content.act === 'given-out');
    expect(out.reduce((sum, item) => sum + item.content.count, 0)).toBe(23);
  });

  test('a blend without its ticks is no parent', () => {
    const planned = season.filter((record): record is Blend => record.kind === 'blend');
    expect(planned).toHaveLength(1);
    expect(demoLedger(season, TODAY_MS).related?.poured).toHaveLength(1);
  });
});
