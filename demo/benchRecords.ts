import { drawContainers, findRuleSet, seededRandom } from '../src/core';
import {
  firstRevision,
  vesselId,
  type AnyRecord,
  type SamplingPlanContent,
  type Scribe,
} from '../src/records';
import type { DemoLot } from './lots';
import { dayBefore } from './scribe';

interface Place {
  readonly scribe: Scribe;
  readonly lotId: string;
  readonly containerId: string;
}

/** The plan of a demo lot: fixed before its first bucket was read. */
function planContent(demo: DemoLot, { scribe, containerId }: Place): SamplingPlanContent | null {
  const plan = demo.bench?.plan;
  if (!plan) return null;
  const suspects = demo.container.suspects.map((suspect) => suspect.item);
  const ids = Array.from({ length: demo.container.count }, (_, at) => at + 1)
    .filter((item) => !suspects.includes(item))
    .map((item) => vesselId(containerId, item));
  const ruleSet = findRuleSet(demo.lot.ruleSetId);
  return {
    method: 'mean-and-spread',
    content: 0.95,
    confidence: 0.95,
    looks: 1,
    expectedMeanPercent: 17.4,
    expectedSpreadPercent: 0.3,
    limitPercent: ruleSet?.moistureLimitPercent[demo.lot.honeyKind] ?? 20,
    seed: plan.seed,
    plannedIds: drawContainers(ids, plan.number, 1, seededRandom(plan.seed)()),
    spots: ['stirred'],
    fixedAt: scribe.now(),
    readingsBefore: 0,
  };
}

/** Plan, colour, taste and laboratory of a demo lot. */
export function benchRecords(demo: DemoLot, place: Place, todayMs: number): AnyRecord[] {
  const { scribe, lotId } = place;
  const { colour, senses, lab } = demo.bench ?? {};
  const moment = { takenAt: scribe.now(), who: 'HH' };
  const plan = planContent(demo, place);
  const records: AnyRecord[] = [];
  if (plan) records.push(firstRevision(scribe, 'sampling-plan', plan, lotId));
  if (colour) {
    const content = { containerId: null, item: null, ...moment, ...colour };
    records.push(firstRevision(scribe, 'colour', content, lotId));
  }
  if (senses) records.push(firstRevision(scribe, 'senses', { ...moment, ...senses }, lotId));
  if (lab) {
    const { daysAgo, ...report } = lab;
    const content = { ...report, day: dayBefore(todayMs, daysAgo) };
    records.push(firstRevision(scribe, 'lab-report', content, lotId));
  }
  return records;
}
