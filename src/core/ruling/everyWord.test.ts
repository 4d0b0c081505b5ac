import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { richEvidence } from '../test/richEvidence';
import { ruleOnLot } from './engine';
import { flipsOf } from './flips/flips';
import { whatOneReadingSettles } from './oneReading';

/** Six digits are enough to see a change, and few enough for every processor to agree. */
const rounded = (_key: string, value: unknown): unknown =>
  typeof value === 'number' ? Number(value.toPrecision(6)) : value;

const line = (value: unknown): string => JSON.stringify(value, rounded);

/**
 * What the rules say of sixty made-up lots, figure by figure, as it was when each of them was last
 * looked through. It does not know what is right: the tests beside it do. It shows whatever changes.
 */
test.each(
  fc.sample(richEvidence, { seed: 1_127, numRuns: 60 }).map((evidence, at) => ({ at, evidence })),
)('of lot $at the rules say the same as before', ({ evidence }) => {
  const ruling = ruleOnLot(evidence);
  const lines = [
    ruling.outcome,
    line(ruling.belief),
    ...ruling.findings.map(({ ruleId, bearing, sentence, step, short }) =>
      line([ruleId, bearing, step, sentence, short]),
    ),
    ...flipsOf(evidence, ruling).map(({ id, outcome, sentence }) => line([id, outcome, sentence])),
    line(whatOneReadingSettles(evidence, ruling.belief)),
  ];
  expect(lines).toMatchSnapshot();
});
