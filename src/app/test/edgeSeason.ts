import { flipsOf, groupBy } from '../../core';
import { drawsMany } from '../../core/test/draws';
import { simulateDrying } from '../../core/warmRoom/solver/simulateDrying';
import { demoSeason } from '../../../demo/season';
import {
  harvestFileOf,
  judgeFrames,
  judgingOf,
  lastLooks,
  lotHeat,
  lotMass,
  nextSkim,
  pourNow,
  jarStocks,
  readingsDue,
  roomTasks,
  seasonReport,
  storedVessels,
  surveyParts,
  traceOf,
  ruledLot,
} from '../../model';
import { current, type AnyRecord, type RecordKind } from '../../records';
import { edgesOf, type Edge } from '../../records/test/edges';
import { keepingBasis, storedYears, worstKeeping } from '../../model/store/keeping';
import { watchList } from '../data/watchList';
import {
  currentOf,
  selectBook,
  selectHoneyHouse,
  selectRooms,
  selectLedger,
  type WorkspaceModel,
} from '../data/workspaceModel';
import { dueList } from '../stations/today/dueList';
import { askedDay } from '../stations/strain/dayQuestion';
import { askedRoom } from '../stations/warmRoom/roomQuestion';

const NOW_MS = Date.parse('2026-11-26T12:00:00.000Z');
const SEASON = demoSeason('2026-11-26', NOW_MS);

/** The season as pages have it: what no edge touches is not made again. */
const ROWS = groupBy(SEASON, (record) => record.kind);
const selectGuesses = currentOf('guess');

const OF_ROOMS: readonly RecordKind[] = ['warm-room', 'batch', 'batch-check', 'air-log'];

/** Lots as pages show them: ruled, kept, traced, summed over the year. */
function computeLots(model: WorkspaceModel, { kind, ownerId, content }: AnyRecord): void {
  const ledger = selectLedger(model);
  const { book, rooms, house, blends, poured } = ledger.related;
  const text = JSON.stringify(content);
  const bears = (lotId: string): boolean => lotId === ownerId || text.includes(lotId);
  const lots = ledger.files
    .filter((lotFile, at) => at === 0 || bears(lotFile.lot.entityId))
    .map((file) => ruledLot(file, ledger));
  for (const { file, evidence, ruling } of lots) {
    if (kind === 'lot') flipsOf(evidence, ruling);
    const vessels = storedVessels(file, 17.5, poured);
    worstKeeping(keepingBasis(evidence, ruling), storedYears(file.lot, vessels), {
      nowMs: NOW_MS,
      hemisphere: 'not-said',
    });
    lotHeat(file, rooms, NOW_MS);
    lotMass(file, 17.5);
    if (kind === 'settling') file.settlings.forEach((settling) => nextSkim(settling.content));
  }
  const stored = lots.map((lot) => ({
    ...lot,
    vessels: storedVessels(lot.file, 17.5, poured),
    jars: jarStocks(lot.file),
  }));
  watchList(stored, [], NOW_MS);
  traceOf({ files: ledger.files, book, rooms, house, blends, poured });
  const guesses = selectGuesses(model);
  seasonReport(lots, { book, guesses, pastLots: [], blended: new Set() });
}

function computeRooms(model: WorkspaceModel): void {
  for (const room of selectRooms(model)) {
    readingsDue(room, NOW_MS);
    roomTasks(room, NOW_MS, new Map());
    const { question } = askedRoom(room, NOW_MS);
    [question.present, ...question.past].forEach(({ run }) => {
      const ends = [run.reportDays[0] ?? 0, run.reportDays.at(-1) ?? 0];
      simulateDrying({ ...run, nodes: 4, reportDays: [...new Set(ends)] });
    });
  }
}

function computeDays(model: WorkspaceModel, { ownerId }: AnyRecord): void {
  for (const day of selectHoneyHouse(model).days) {
    if (day.extraction.entityId !== ownerId) continue;
    askedDay(day, NOW_MS);
    day.pours.forEach((pour) => pourNow(pour.content, NOW_MS));
  }
}

function computeHives(
  model: WorkspaceModel,
  records: readonly AnyRecord[],
  { kind, ownerId }: AnyRecord,
): void {
  const book = selectBook(model);
  dueList(lastLooks(records), book, new Date(NOW_MS));
  for (const harvest of book.harvests) {
    if (kind !== 'frame-check' && harvest.entityId !== ownerId) continue;
    const { stories, surveys } = harvestFileOf(records, harvest.entityId);
    judgeFrames(stories, judgingOf(book, harvest));
    surveys.forEach((survey) =>
      surveyParts(
        { id: survey.entityId, content: survey.content },
        { book, day: harvest.content.day },
      ),
    );
  }
}

/** All that pages compute from records, of the part of the season that a record bears on. */
function computeRelated(changed: AnyRecord): void {
  const records = SEASON.map((record) => (record.id === changed.id ? changed : record));
  const own =
    ROWS.get(changed.kind)?.map((record) => (record.id === changed.id ? changed : record)) ?? [];
  const rows = new Map(ROWS).set(changed.kind, own);
  const model = { snapshot: { rows, aside: [] }, nowMs: NOW_MS };
  computeLots(model, changed);
  if (OF_ROOMS.includes(changed.kind)) computeRooms(model);
  computeDays(model, changed);
  computeHives(model, records, changed);
}

/** Which fields of a record say nothing: two records that differ in it are of different shapes. */
const shapeOf = (record: AnyRecord): string =>
  JSON.stringify(record.content, (_key, value: unknown) =>
    value === null || (Array.isArray(value) && value.length === 0)
      ? 0
      : typeof value === 'object'
        ? value
        : 1,
  );

const MOST_SHAPES = 2;

/**
 * Records of every kind, as they hold now, of different shapes, each with the edges to try. What one
 * shape has tried the next need not: only where `npm run jest:many` asks for it.
 */
export const SAMPLES = [...groupBy(current(SEASON), (record) => record.kind).values()].flatMap(
  (own) => {
    const shapes = new Map(own.map((record) => [shapeOf(record), record]));
    const tried = new Set<string>();
    return [...shapes.values()].slice(0, MOST_SHAPES).map((sample) => {
      const edges = edgesOf(sample).filter(({ says }) => !tried.has(says));
      if (!drawsMany) edges.forEach(({ says }) => tried.add(says));
      return { kind: sample.kind, sample, edges };
    });
  },
);

/** Which edges break what pages compute, and how. */
export const brokenBy = (edges: readonly Edge[]): string[] =>
  edges.flatMap(({ says, record }) => {
    try {
      computeRelated(record);
      return [];
    } catch (error) {
      return [`${says}: ${String(error)}`];
    }
  });
