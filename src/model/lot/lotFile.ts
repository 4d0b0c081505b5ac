import { groupBy, type Outcome } from '../../core';
import {
  type AnyRecord,
  type CallBack,
  type CircumstancesRecord,
  type ColourReading,
  type CombJudgement,
  type Container,
  current,
  type HeatSpell,
  inOrder,
  isLotRecord,
  type JarCheck,
  type JarMove,
  type LabReport,
  type Lot,
  type LotFrames,
  type LotRecord,
  type Packing,
  type PieceRecord,
  type Reading,
  type RecordKind,
  type RecordOf,
  type RulingRecord,
  type SamplingPlan,
  type Senses,
  type SettlingRecord,
  type StoreMove,
  type Weighing,
} from '../../records';
import { checkIdsBehind, type Meters } from './meters';

/** All that holds of one lot, with its whole history. */
export interface LotFile {
  readonly lot: Lot;
  readonly containers: readonly Container[];
  /** the latest look at the comb, null where there was none */
  readonly comb: CombJudgement | null;
  /** the frames it was made of, null where nobody wrote them down */
  readonly frames: LotFrames | null;
  readonly readings: readonly Reading[];
  /** the sampling plan in force, null where none was fixed */
  readonly plan: SamplingPlan | null;
  readonly colours: readonly ColourReading[];
  readonly senses: readonly Senses[];
  readonly labReports: readonly LabReport[];
  readonly settlings: readonly SettlingRecord[];
  readonly heatSpells: readonly HeatSpell[];
  readonly weighings: readonly Weighing[];
  /** what else bears on it as said last, null where nobody said anything */
  readonly circumstances: CircumstancesRecord | null;
  /** pieces of comb honey */
  readonly pieces: readonly PieceRecord[];
  readonly storeMoves: readonly StoreMove[];
  readonly packings: readonly Packing[];
  readonly jarMoves: readonly JarMove[];
  readonly jarChecks: readonly JarCheck[];
  readonly callBacks: readonly CallBack[];
  /** the ruling last signed, null where there is none */
  readonly ruling: RulingRecord | null;
  /** every revision ever written, oldest first */
  readonly history: readonly LotRecord[];
}

function ofKind<K extends RecordKind>(records: readonly AnyRecord[], kind: K): RecordOf<K>[] {
  return records.filter((record): record is RecordOf<K> => record.kind === kind);
}

/** The file of a lot from its revisions, or null where the lot is missing or withdrawn. */
export function lotFileOf(records: readonly AnyRecord[]): LotFile | null {
  const now = current(records);
  const lot = ofKind(now, 'lot')[0];
  if (!lot) return null;
  return {
    lot,
    containers: ofKind(now, 'container'),
    comb: ofKind(now, 'comb-judgement').at(-1) ?? null,
    frames: ofKind(now, 'lot-frames').at(-1) ?? null,
    readings: ofKind(now, 'reading'),
    plan: ofKind(now, 'sampling-plan').at(-1) ?? null,
    colours: ofKind(now, 'colour'),
    senses: ofKind(now, 'senses'),
    labReports: ofKind(now, 'lab-report'),
    settlings: ofKind(now, 'settling'),
    heatSpells: ofKind(now, 'heat-spell'),
    weighings: ofKind(now, 'weighing'),
    circumstances: ofKind(now, 'circumstances').at(-1) ?? null,
    pieces: ofKind(now, 'piece'),
    storeMoves: ofKind(now, 'store-move'),
    packings: ofKind(now, 'packing'),
    jarMoves: ofKind(now, 'jar-move'),
    jarChecks: ofKind(now, 'jar-check'),
    callBacks: ofKind(now, 'call-back'),
    ruling: ofKind(now, 'ruling').at(-1) ?? null,
    history: inOrder(records.filter(isLotRecord)),
  };
}

/** The latest extraction first. */
const byDate = (a: LotFile, b: LotFile): number =>
  b.lot.content.date.localeCompare(a.lot.content.date) ||
  a.lot.content.code.localeCompare(b.lot.content.code);

/** The files of all lots in a set of revisions, latest extraction first. */
export const lotFilesOf = (records: readonly AnyRecord[]): LotFile[] => keptLotFiles()(records);

/** Whether two lists hold the very same things in the same order. */
export const isSameList = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((item, at) => item === b[at]);

/**
 * The same, asked again and again as records come in: the file of a lot without news is the same object as
 * before, so that nothing that rests on it alone is made anew.
 */
export function keptLotFiles(): (records: readonly AnyRecord[]) => LotFile[] {
  let known = new Map<string, { rows: readonly AnyRecord[]; file: LotFile | null }>();
  return (records) => {
    const now: typeof known = new Map();
    for (const [lotId, rows] of groupBy(records, (record) => record.ownerId)) {
      const before = known.get(lotId);
      const isSame = before !== undefined && isSameList(before.rows, rows);
      now.set(lotId, isSame ? before : { rows, file: lotFileOf(rows) });
    }
    known = now;
    return [...now.values()]
      .map(({ file }) => file)
      .filter((file) => file !== null)
      .sort(byDate);
  };
}

/** Revisions that a ruling on this file rests on, zero checks behind its readings included. */
export function evidenceIdsOf(file: LotFile, meters: Meters): string[] {
  const single = [file.comb, file.frames, file.plan, file.circumstances].filter(
    (item) => item !== null,
  );
  const bench = [
    ...file.colours,
    ...file.senses,
    ...file.labReports,
    ...file.heatSpells,
    ...file.pieces,
  ];
  const checks = file.readings.flatMap((reading) => checkIdsBehind(reading.content, meters));
  const own = [file.lot, ...file.containers, ...single, ...file.readings, ...bench];
  return [...new Set([...own.map((item) => item.id), ...checks])];
}

/**
 * Whether the evidence is no longer what the signed ruling rested on.
 *
 * @param outcome - what the rules say now; other evidence than the lot's own may have changed it
 */
export function isRulingOutdated(file: LotFile, meters: Meters, outcome?: Outcome): boolean {
  if (!file.ruling) return false;
  if (outcome !== undefined && outcome !== file.ruling.content.proposedOutcome) return true;
  const signed = new Set(file.ruling.content.evidenceIds);
  const now = evidenceIdsOf(file, meters);
  return now.length !== signed.size || now.some((id) => !signed.has(id));
}
