import { describe, expect, test } from '@jest/globals';
import { demoLedger } from '../../../../demo/demoLedger';
import { demoSeason } from '../../../../demo/season';
import { ruleOnLot, isAccepted } from '../../../core';
import { contentsOf, evidenceFrom, knownFor } from '../../../model';
import { nextSteps } from './nextSteps';

const NOW_MS = Date.parse('2026-11-24T12:00:00.000Z');
const ledger = demoLedger(demoSeason('2026-11-24', NOW_MS), NOW_MS);
const lots = ledger.files.map((file) => {
  const contents = contentsOf(file);
  const known = knownFor(ledger, { lotId: file.lot.entityId, contents });
  return { file, ruling: ruleOnLot(evidenceFrom(contents, known)) };
});
const signedGood = lots.filter(
  ({ file, ruling }) =>
    isAccepted(ruling.outcome) && file.ruling && isAccepted(file.ruling.content.outcome),
);
const blocked = lots.filter(({ ruling }) => ruling.outcome === 'reject');

describe('what comes after the answer', () => {
  test('signed as good, it goes into jars and to its place', () => {
    expect(signedGood.length).toBeGreaterThan(0);
    for (const { file, ruling } of signedGood) {
      expect(nextSteps(file, ruling)).toEqual(['jars', 'keep']);
      expect(nextSteps({ ...file, ruling: null }, ruling)).toEqual([]);
    }
  });

  test('what it stands in is asked before it is signed', () => {
    const [{ file, ruling }] = [...signedGood] as [(typeof lots)[number]];
    for (const signed of [file.ruling, null]) {
      expect(nextSteps({ ...file, ruling: signed, containers: [] }, ruling)).toEqual([
        'containers',
      ]);
    }
  });

  test('what a ruling stops is not put into jars, whatever was signed', () => {
    expect(blocked.length).toBeGreaterThan(0);
    for (const { ruling } of blocked) {
      expect(nextSteps(signedGood[0]!.file, ruling)).not.toContain('jars');
    }
  });

  test('it is dried where that way is open only', () => {
    const [{ file, ruling }] = [...blocked] as [(typeof lots)[number]];
    const ways = (open: boolean) =>
      ruling.ways.map((way) => (way.id === 'dry' ? { ...way, open } : way));
    expect(nextSteps(file, { ...ruling, ways: ways(true) })).toEqual(['dry']);
    expect(nextSteps(file, { ...ruling, ways: ways(false) })).toEqual([]);
  });

  test('unmeasured it is dried in its combs, not in a bucket', () => {
    const [{ file, ruling }] = [...signedGood] as [(typeof lots)[number]];
    const unread = { ...ruling, outcome: 'measure' as const, ways: [] };
    const inComb = { ...file, containers: [], readings: [] };
    expect(nextSteps(inComb, unread)).toEqual(['dry']);
    expect(nextSteps({ ...inComb, containers: file.containers }, unread)).toEqual([]);
    expect(nextSteps({ ...inComb, readings: file.readings }, unread)).toEqual([]);
  });
});
