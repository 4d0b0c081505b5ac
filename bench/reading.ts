/**
 * The live answer of a keystroke at the bench, in core alone: the dial corrected by the meter's
 * checks, its budget, the lot's moisture with its parts, both decisions and how many more readings,
 * for a lot of twenty buckets. Prints figures; asserts nothing.
 */
import {
  conformityProbability,
  furtherReadings,
  interpretReading,
  lotMoisture,
  planVerdictOf,
  readingBudget,
  ruleOnLot,
  type LotEvidence,
} from '../src/core';
import { contentsOf, evidenceFrom, knownFor } from '../src/model';
import { demoLedger } from '../demo/demoLedger';
import { type AnyRecord } from '../src/records';
import { benchSeason } from './benchSeason';
import { timed } from './timed';

const TARGET_MS = 4;

const records: AnyRecord[] = benchSeason(5000);
const ledger = demoLedger(records, Date.now());
const contents = contentsOf(ledger.files[0]!);
const lotId = ledger.files[0]!.lot.entityId;
const evidence: LotEvidence = evidenceFrom(contents, knownFor(ledger, { lotId, contents }));
const twenty: LotEvidence = { ...evidence, readings: evidence.readings.slice(0, 20) };
const planned: LotEvidence = {
  ...twenty,
  plan: {
    method: 'mean-and-spread',
    content: 0.95,
    confidence: 0.95,
    looks: 1,
    plannedIds: [evidence.vessels.slice(0, 10).map((vessel) => vessel.id)],
  },
};

const meter = { resolution: 0.2, zeroCheck: 'checked', calibrationPercent: 0.12 } as const;

/** The lot with a reading as if just typed. */
function typed(from: LotEvidence, round: number): LotEvidence {
  const dial = {
    scale: 'water',
    dialValue: 16 + (round % 50) / 10,
    temperatureC: 24,
    atc: false,
  } as const;
  const read = interpretReading({ ...dial, offsetIndex: 0.0004 });
  if (read.status !== 'read') return from;
  const { moisturePercent, marks } = read;
  const budget = readingBudget(dial, meter);
  const vesselId = from.vessels[0]?.id ?? null;
  const reading = {
    id: 'typed',
    vesselId,
    moisturePercent,
    marks,
    budget,
    zeroCheck: 'checked',
  } as const;
  return { ...from, readings: [...from.readings, reading] };
}

timed('a reading: corrected, with its budget', TARGET_MS, (round) => {
  typed(twenty, round);
});
timed('the lot of 20 readings: mean and parts', TARGET_MS, (round) => {
  const { readings, vessels, repeatability } = typed(twenty, round);
  lotMoisture(readings, vessels, repeatability);
});
timed('live answer: all rules and both probabilities', TARGET_MS, (round) => {
  const { belief, limitPercent } = ruleOnLot(typed(twenty, round));
  conformityProbability(belief, limitPercent);
});
timed('how many more readings (limit near the mean)', TARGET_MS, (round) => {
  const { readings, vessels } = typed(twenty, round);
  furtherReadings({ readings, vessels, limitPercent: 17.4 });
});
timed('the plan’s verdict with its tolerance factor', TARGET_MS, (round) => {
  planVerdictOf(typed(planned, round));
});
const start = performance.now();
demoLedger(records, Date.now());
console.log(
  `5,000 readings into lots, past lots and replicates: ${(performance.now() - start).toFixed(0)} ms`,
);
