import { ruleOnLot } from '../src/core';
import {
  contentsOf,
  evidenceFrom,
  evidenceIdsOf,
  firstRevision,
  lotFileOf,
  signedRulingContent,
  type AnyRecord,
  type Scribe,
} from '../src/records';
import { DEMO_LOTS, type DemoLot } from './lots';

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;

/** Writes with the identifiers of the demo, a minute apart from the morning of a day on. */
function demoScribe(stem: string, morning: number): Scribe {
  let count = 0;
  return {
    newId: () => `demo-${stem}-${(count += 1)}`,
    now: () => new Date(morning + count * MINUTE_MS).toISOString(),
    author: 'HH',
  };
}

function codeOf(day: string): string {
  return `${day.slice(2).replaceAll('-', '')}-a`;
}

function signed(
  records: readonly AnyRecord[],
  initials: string,
): ReturnType<typeof signedRulingContent> {
  const file = lotFileOf(records);
  if (!file) throw new Error('a demo lot has no lot record');
  const evidence = evidenceFrom(contentsOf(file));
  const ruling = ruleOnLot(evidence);
  const signature = { outcome: ruling.outcome, initials, overrideReason: '', remark: '' };
  return signedRulingContent(signature, { evidence, ruling, evidenceIds: evidenceIdsOf(file) });
}

function lotRecords(demo: DemoLot, at: number, todayMs: number): AnyRecord[] {
  const morning = todayMs - demo.daysAgo * DAY_MS + 8 * 60 * MINUTE_MS;
  const scribe = demoScribe(String(at + 1), morning);
  const date = new Date(morning).toISOString().slice(0, 10);
  const lot = firstRevision(scribe, 'lot', {
    ...demo.lot,
    signs: [],
    date,
    code: codeOf(date),
  });
  const lotId = lot.entityId;
  const container = firstRevision(scribe, 'container', demo.container, lotId);
  const comb = demo.comb ? [firstRevision(scribe, 'comb-judgement', demo.comb, lotId)] : [];
  const readings = demo.readings.map((one) =>
    firstRevision(scribe, 'reading', { ...one, containerId: container.entityId }, lotId),
  );
  const evidence: AnyRecord[] = [lot, container, ...comb, ...readings];
  if (demo.signedBy === null) return evidence;
  const content = signed(evidence, demo.signedBy);
  return [
    ...evidence,
    firstRevision({ ...scribe, author: demo.signedBy }, 'ruling', content, lotId),
  ];
}

/**
 * All records of the demo season, as if today were the given day.
 *
 * @param today - ISO day
 */
export function demoSeason(today: string): AnyRecord[] {
  const todayMs = Date.parse(`${today}T00:00:00.000Z`);
  return DEMO_LOTS.flatMap((demo, at) => lotRecords(demo, at, todayMs));
}
