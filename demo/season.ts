import { ruleOnLot } from '../src/core';
import {
  bookOf,
  contentsOf,
  evidenceFrom,
  evidenceIdsOf,
  firstRevision,
  harvestFileOf,
  judgeFrames,
  judgingOf,
  lotFileOf,
  lotFrameOf,
  lotFramesContent,
  signedRulingContent,
  type AnyRecord,
  type Scribe,
} from '../src/records';
import { hiveRecords } from './hives';
import { DEMO_LOTS, type DemoLot } from './lots';
import { dayBefore, demoScribe } from './scribe';

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

interface Season {
  readonly todayMs: number;
  readonly hives: readonly AnyRecord[];
}

/** The make-up of a lot from the frames taken on a day. */
function madeFrom(
  dayName: string,
  hives: readonly AnyRecord[],
  { scribe, lotId }: { scribe: Scribe; lotId: string },
): AnyRecord {
  const book = bookOf(hives);
  const harvest = book.harvests.find((one) => one.content.name === dayName);
  if (!harvest) throw new Error(`the demo has no day ${dayName}`);
  const judging = judgingOf(book, harvest);
  const { stories } = harvestFileOf(hives, harvest.entityId);
  const frames = judgeFrames(stories, judging)
    .filter((one) => one.act === 'take')
    .map((one) => lotFrameOf(one, book, harvest));
  const { school } = judging;
  const rest = { harvestId: harvest.entityId, school, climate: 'ordinary' } as const;
  return firstRevision(scribe, 'lot-frames', lotFramesContent(frames, rest), lotId);
}

function lotRecords(demo: DemoLot, at: number, { todayMs, hives }: Season): AnyRecord[] {
  const scribe = demoScribe(String(at + 1), todayMs, demo.daysAgo);
  const date = dayBefore(todayMs, demo.daysAgo);
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
  const frames = demo.madeFrom ? [madeFrom(demo.madeFrom, hives, { scribe, lotId })] : [];
  const evidence: AnyRecord[] = [lot, container, ...comb, ...frames, ...readings];
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
  const hives = hiveRecords(todayMs);
  return [...hives, ...DEMO_LOTS.flatMap((demo, at) => lotRecords(demo, at, { todayMs, hives }))];
}
