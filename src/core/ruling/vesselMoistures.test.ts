import { describe, expect, test } from '@jest/globals';
import { lotEvidence, readingsOf } from '../test/lotEvidence';
import { beliefOf } from './belief';
import { ruleOnLot } from './engine';
import { suspectMoistures, suspectVesselsOf, vesselMoistures } from './vesselMoistures';
import { inEnglish } from '../test/inEnglish';
import { say, type Message } from '../message/message';

const vessel = (id: string, suspectBecause?: Message) => ({
  id,
  label: id,
  massKg: 20,
  ...(suspectBecause === undefined ? {} : { suspectBecause }),
});

describe('moisture of each vessel', () => {
  const [top, bottom] = readingsOf([18.4, 17.6], 'a');
  const evidence = lotEvidence({
    vessels: [vessel('a'), vessel('b'), vessel('last', say('rules.lastOfTheExtractor'))],
    readings: [
      ...(top ? [{ ...top, id: 't1', spot: 'top' as const }] : []),
      ...(top ? [{ ...top, id: 't2', spot: 'top' as const }] : []),
      ...(bottom ? [{ ...bottom, spot: 'bottom' as const }] : []),
      ...readingsOf([20.4], 'last'),
    ],
  });

  test('is the mean of its spots, not of its readings, with the suspicious ones beside', () => {
    const found = vesselMoistures(evidence, beliefOf(evidence));
    expect(
      found.map((vesselMoisture) => [vesselMoisture.vesselId, vesselMoisture.meanPercent]),
    ).toEqual([
      ['a', expect.closeTo(18, 9)],
      ['last', expect.closeTo(20.4, 9)],
    ]);
  });

  test('suspicious vessels are there without a reading, and without a figure', () => {
    const unread = { ...evidence, readings: [] };
    expect(suspectVesselsOf(unread).map((suspectVessel) => suspectVessel.id)).toEqual(['last']);
    expect(suspectMoistures(unread)).toEqual([]);
  });

  test('where every vessel is suspicious each is judged by itself, and the ruling says so', () => {
    const all = {
      ...evidence,
      vessels: evidence.vessels.map((vesselEvidence) =>
        vessel(vesselEvidence.id, say('rules.drainedFromCappings')),
      ),
    };
    expect(suspectVesselsOf(all)).toHaveLength(all.vessels.length);
    const { outcome, findings } = ruleOnLot(all);
    expect(outcome).not.toMatch(/accept|conditions/);
    expect(findings.map((finding) => inEnglish(finding.sentence)).join(' ')).toContain(
      'none speaks for the lot',
    );
  });
});
