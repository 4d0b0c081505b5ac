/**
 * From keystroke to changed ruling, in core alone: reading the dial, ruling, and what would change
 * it. Prints figures; asserts nothing.
 */
import { flipsOf, interpretReading, readingBudget, ruleOnLot, type LotEvidence } from '../src/core';
import { contentsOf, evidenceFrom, lotFilesOf } from '../src/model';
import { demoSeason } from '../demo/season';
import { timed } from './timed';
import { NO_METERS } from '../src/model';

const ROUNDS = 2000;
const FRAME_MS = 16;

const files = lotFilesOf(demoSeason('2026-11-24'));
const evidences: LotEvidence[] = files.map((file) =>
  evidenceFrom(contentsOf(file), { meters: NO_METERS }),
);
const evidenceAt = (round: number): LotEvidence => evidences[round % evidences.length]!;

const dial = { scale: 'water', dialValue: 17.8, temperatureC: 24, atc: false } as const;
const meter = { resolution: 0.2, zeroCheck: 'checked' } as const;

/** The demo lot with a reading as if just typed. */
function typed(round: number): LotEvidence {
  const evidence = evidenceAt(round);
  const read = interpretReading({ ...dial, dialValue: 16 + (round % 50) / 10 });
  if (read.status !== 'read') return evidence;
  const { moisturePercent, marks } = read;
  const budget = readingBudget(dial, meter);
  const reading = {
    id: 'typed',
    vesselId: null,
    moisturePercent,
    marks,
    budget,
    zeroCheck: meter.zeroCheck,
  };
  return { ...evidence, readings: [...evidence.readings, reading] };
}

console.log(`${evidences.length} demo lots in turn, ${ROUNDS} rounds each`);
timed('dial to corrected moisture with its budget', FRAME_MS, () => {
  interpretReading(dial);
  readingBudget(dial, meter);
});
timed('keystroke to changed ruling', FRAME_MS, (round) => void ruleOnLot(typed(round)));
timed('keystroke to ruling and what would change it', FRAME_MS, (round) => {
  const evidence = typed(round);
  flipsOf(evidence, ruleOnLot(evidence));
});
