import { NO_CIRCUMSTANCES } from '../src/core';
import {
  bookOf,
  harvestFileOf,
  judgeFrames,
  judgingOf,
  lotFrameOf,
  lotFramesContent,
} from '../src/model';
import {
  firstRevision,
  type AnyRecord,
  type CircumstancesContent,
  type Scribe,
} from '../src/records';
import { calledBack } from './calledBack';
import { hiveRecords } from './hives';
import { signedDemo } from './signed';
import { benchRecords } from './benchRecords';
import { DEMO_LOTS, type DemoLot } from './lots';
import { demoMeters, type DemoMeters } from './meters';
import { demoExtraction } from './extraction';
import { demoRooms } from './rooms';
import { demoHouse } from './house';
import { oneBoxTwice } from './oneBoxTwice';
import { demoPractice } from './practice';
import { demoStore, type DemoStoreLot } from './store';
import { dayBefore, demoScribe } from './scribe';

/** Healthy colonies, and nothing out of the ordinary. */
const SAID: CircumstancesContent = {
  ...NO_CIRCUMSTANCES,
  residues: [],
  treated: null,
  nectar: 'ordinary',
  sourceHealth: 'healthy',
  remark: '',
};

function codeOf(day: string): string {
  return `${day.slice(2).replaceAll('-', '')}-a`;
}

interface Season {
  readonly todayMs: number;
  readonly hives: readonly AnyRecord[];
  readonly bench: DemoMeters;
}

/** The make-up of a lot from the frames taken on a day. */
function madeFrom(
  dayName: string,
  hives: readonly AnyRecord[],
  { scribe, lotId }: { scribe: Scribe; lotId: string },
): AnyRecord {
  const book = bookOf(hives);
  const harvest = book.harvests.find((item) => item.content.name === dayName);
  if (!harvest) throw new Error(`the demo has no day ${dayName}`);
  const judging = judgingOf(book, harvest);
  const { stories } = harvestFileOf(hives, harvest.entityId);
  const frames = judgeFrames(stories, judging)
    .filter((frame) => frame.act === 'take')
    .map((frame) => lotFrameOf(frame, book, harvest));
  const { school } = judging;
  const rest = { harvestId: harvest.entityId, school, climate: 'ordinary' } as const;
  return firstRevision(scribe, 'lot-frames', lotFramesContent(frames, rest), lotId);
}

function lotRecords(demo: DemoLot, at: number, season: Season): AnyRecord[] {
  const { todayMs, hives, bench } = season;
  const scribe = demoScribe(String(at + 1), todayMs, demo.daysAgo);
  const date = dayBefore(todayMs, demo.daysAgo);
  const lot = firstRevision(scribe, 'lot', {
    ...demo.lot,
    signs: [],
    claims: [],
    date,
    code: codeOf(date),
  });
  const lotId = lot.entityId;
  const container = firstRevision(scribe, 'container', demo.container, lotId);
  const comb = demo.comb ? [firstRevision(scribe, 'comb-judgement', demo.comb, lotId)] : [];
  const place = { scribe, lotId, containerId: container.entityId };
  const readings = demo.readings.map(({ meter, ...one }) =>
    firstRevision(
      scribe,
      'reading',
      {
        ...one,
        containerId: container.entityId,
        instrumentId: meter && bench.idOf(meter),
        takenAt: scribe.now(),
      },
      lotId,
    ),
  );
  const frames = demo.madeFrom ? [madeFrom(demo.madeFrom, hives, { scribe, lotId })] : [];
  const work = benchRecords(demo, place, todayMs);
  const said = demo.circumstances
    ? [firstRevision(scribe, 'circumstances', { ...SAID, ...demo.circumstances }, lotId)]
    : [];
  const evidence: AnyRecord[] = [lot, container, ...comb, ...frames, ...readings, ...work, ...said];
  if (demo.signedBy === null) return evidence;
  const content = signedDemo(evidence, demo.signedBy, bench.meters);
  return [
    ...evidence,
    firstRevision({ ...scribe, author: demo.signedBy }, 'ruling', content, lotId),
  ];
}

/** What the store needs to know of a lot. */
function storeLot(records: readonly AnyRecord[]): DemoStoreLot {
  const lot = records.find((record) => record.kind === 'lot');
  const container = records.find((record) => record.kind === 'container');
  if (lot?.kind !== 'lot' || !container) throw new Error('a demo lot has no container');
  return { lotId: lot.entityId, containerId: container.entityId, code: lot.content.code };
}

/**
 * All records of the demo season, as if today were the given day.
 *
 * @param today - ISO day
 * @param nowMs - of that day, for what stands in the warm room; noon where not given
 */
export function demoSeason(
  today: string,
  nowMs = Date.parse(`${today}T12:00:00.000Z`),
): AnyRecord[] {
  const todayMs = Date.parse(`${today}T00:00:00.000Z`);
  const hives = hiveRecords(todayMs);
  const bench = demoMeters(todayMs);
  const practice = demoPractice(todayMs);
  const byLot = DEMO_LOTS.map((demo, at) => lotRecords(demo, at, { todayMs, hives, bench }));
  const lots = byLot.flat();
  const lotOf = (number: number) => storeLot(byLot[number - 1] ?? []);
  return [
    ...hives,
    ...bench.records,
    ...lots,
    ...calledBack(todayMs, hives, bench.meters),
    ...demoRooms(todayMs, nowMs),
    ...demoExtraction(todayMs, nowMs),
    ...demoStore(todayMs, lotOf),
    ...demoHouse(todayMs),
    ...practice,
    ...oneBoxTwice(todayMs, { hives, practice }),
  ];
}
