import { describe, expect, test } from '@jest/globals';
import { demoSeason } from '../../../demo/season';
import { demoLedger } from '../../../demo/demoLedger';
import { groupBy, seededRandom } from '../../core';
import { isLotRecord, nextRevision, type AnyRecord, type RecordKind } from '../../records';
import { countingScribe } from '../../records/test/sampleLot';
import {
  currentOf,
  selectBook,
  selectRooms,
  selectRuledLots,
  selectStore,
  selectLedger,
  type WorkspaceModel,
} from './workspaceModel';

const NOW_MS = Date.parse('2026-11-25T12:00:00Z');
const SEASON = demoSeason('2026-11-25', NOW_MS);
const scribe = countingScribe('model');

const modelOf = (rows: WorkspaceModel['snapshot']['rows']): WorkspaceModel => ({
  snapshot: { rows, aside: [] },
  nowMs: NOW_MS,
});

const FIRST = modelOf(groupBy(SEASON, (record) => record.kind));

/** The same, with a further revision of the last record of a kind that fits. */
function withNews(kind: RecordKind, fits: (one: AnyRecord) => boolean = () => true) {
  const own = FIRST.snapshot.rows.get(kind) ?? [];
  const last = own.filter(fits).at(-1);
  if (!last) throw new Error(`the demo season has no such ${kind}`);
  const news = nextRevision(scribe, last, {
    content: last.content,
    withdrawn: false,
    reason: 'Looked at again',
  });
  return modelOf(new Map(FIRST.snapshot.rows).set(kind, [...own, news]));
}

const inPieces = <T>(list: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.ceil(list.length / size) }, (_, at) =>
    list.slice(at * size, (at + 1) * size),
  );

/** The same with some more records; kinds without news stay as they are. */
function withMore({ snapshot }: WorkspaceModel, more: readonly AnyRecord[]): WorkspaceModel {
  const rows = new Map(snapshot.rows);
  for (const [kind, own] of groupBy(more, (record) => record.kind)) {
    rows.set(kind, [...(rows.get(kind) ?? []), ...own]);
  }
  return modelOf(rows);
}

/** What nothing was kept of: the same records as other objects. */
const anew = (model: WorkspaceModel): WorkspaceModel =>
  modelOf(
    groupBy(structuredClone([...model.snapshot.rows.values()].flat()), (record) => record.kind),
  );

const rulingsOf = (model: WorkspaceModel) =>
  selectRuledLots(model).ruled.map(({ file, ruling, evidence, settled }) => ({
    code: file.lot.content.code,
    ruling,
    evidence,
    settled,
  }));

describe('what pages show of a workspace', () => {
  test('rulings kept while records come in, in any order, are those of everything at once', () => {
    const random = seededRandom(7);
    const shuffled = SEASON.map((record) => ({ record, at: random() }))
      .sort((a, b) => a.at - b.at)
      .map(({ record }) => record);
    const lots = shuffled.filter(isLotRecord);
    const around = shuffled.filter((record) => !isLotRecord(record));
    // what is known around them, then the lots bit by bit, then the rest around them
    const known = Math.floor(around.length / 2);
    const [first, ...coming] = [
      around.slice(0, known),
      ...inPieces(lots, 6),
      ...inPieces(around.slice(known), 60),
    ];
    const steps = [modelOf(groupBy(first, (record) => record.kind))];
    for (const piece of coming) steps.push(withMore(steps.at(-1)!, piece));
    const kept = steps.map(rulingsOf);
    steps.forEach((step, at) => expect(kept[at]).toEqual(rulingsOf(anew(step))));
  });

  test('a ruling is made again only where what it rests on has news', () => {
    const before = selectRuledLots(FIRST).ruled;
    const unread = before.find(({ file }) => file.readings.length === 0)!;
    const after = withNews('lot', (record) => record.entityId === unread.file.lot.entityId);
    const same = selectRuledLots(after).ruled.filter((lot) => before.includes(lot));
    expect(same).toHaveLength(before.length - 1);
  });

  test('is the season put together as a whole', () => {
    const whole = demoLedger(SEASON, NOW_MS);
    const { files, pastLots, scatters, stored, meters } = selectLedger(FIRST);
    expect(files).toEqual(whole.files);
    expect(pastLots).toEqual(whole.pastLots);
    expect({ scatters, stored, meters }).toEqual({
      scatters: whole.scatters,
      stored: whole.stored,
      meters: whole.meters,
    });
  });

  test('a new reading remakes lots, and neither the book nor the rooms', () => {
    const after = withNews('reading');
    expect(selectLedger(after)).not.toBe(selectLedger(FIRST));
    expect(selectBook(after)).toBe(selectBook(FIRST));
    expect(selectRooms(after)).toBe(selectRooms(FIRST));
  });

  test('frames that no lot asks about are no news to rulings, those asked about are', () => {
    const { frames } = selectLedger(FIRST).related;
    const others = withNews('frame', (record) => !frames.has(record.entityId));
    expect(selectLedger(others)).toBe(selectLedger(FIRST));
    if (frames.size === 0) return;
    const asked = withNews('frame', (record) => frames.has(record.entityId));
    expect(selectLedger(asked)).not.toBe(selectLedger(FIRST));
  });

  test('rulings and store are made once for the same records', () => {
    const again = modelOf(FIRST.snapshot.rows);
    const { ruled } = selectRuledLots(FIRST);
    expect(selectRuledLots(again).ruled).toBe(ruled);
    expect(selectStore(again)).toBe(selectStore(FIRST));
  });

  test('what was withdrawn holds no more', () => {
    const notes = currentOf('season-note');
    const [first] = notes(FIRST);
    const own = FIRST.snapshot.rows.get('season-note') ?? [];
    const gone = nextRevision(scribe, first!, {
      content: first!.content,
      withdrawn: true,
      reason: 'Removed',
    });
    const after = modelOf(new Map(FIRST.snapshot.rows).set('season-note', [...own, gone]));
    expect(notes(after)).toHaveLength(notes(FIRST).length - 1);
  });
});
