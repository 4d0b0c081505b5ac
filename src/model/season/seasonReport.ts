import {
  densityMoisture,
  type MassStage,
  type Outcome,
  type Ruling,
  type ColourClassId,
} from '../../core';
import type { GuessRecord } from '../../records';
import { flowOf, harvestOf, type Book } from '../day/book';
import { classOf } from '../lot/benchEvidence';
import type { LotFile } from '../lot/lotFile';
import { lotMass, type LotMass } from '../lot/lotMass';
import type { DatedPastLot } from '../lot/pastLots';
import { type Note } from '../../records';

/** One lot with its ruling. */
export interface ReportedLot {
  readonly file: LotFile;
  readonly ruling: Ruling;
}

/** One lot in the report of a year. */
export interface ReportLine {
  readonly lotId: string;
  readonly name: string;
  readonly year: number;
  readonly yard: string;
  readonly flow: string;
  readonly frames: number;
  /** judged in the comb, and found in containers [kg]; null where not known */
  readonly judgedKg: number | null;
  readonly foundKg: number | null;
  /** in wet combs, cappings, walls, mesh and skim, weighed or as is usual [kg]; null where the combs are not known */
  readonly lostKg: number | null;
  /** blended from other lots: its honey is counted with them */
  readonly isBlend: boolean;
  readonly moisturePercent: number;
  readonly measured: boolean;
  readonly outcome: Outcome;
  readonly signed: boolean;
  readonly colour: ColourClassId | null;
  readonly taste: readonly Note[];
  readonly remark: string;
}

/** Honey of one hive in a year. */
export interface HiveYield {
  readonly year: number;
  readonly hive: string;
  readonly frames: number;
  readonly kg: number;
}

/** A guess beside what was found. */
export interface GuessLine {
  readonly year: number;
  readonly who: string;
  readonly day: string;
  readonly kg: number;
  readonly foundKg: number | null;
}

/** What the comb led one to expect of a lot, and what the meter found [%]. */
export interface BiasLine {
  readonly year: number;
  readonly lotId: string;
  readonly code: string;
  readonly expectedPercent: number;
  readonly measuredPercent: number;
}

/** Everything that years are compared by. */
export interface SeasonReport {
  /** latest first */
  readonly years: readonly number[];
  readonly lots: readonly ReportLine[];
  readonly hives: readonly HiveYield[];
  readonly guesses: readonly GuessLine[];
  readonly bias: readonly BiasLine[];
}

const yearOf = (day: string): number => Number(day.slice(0, 4));

const only = (names: readonly string[]): string => {
  const known = [...new Set(names.filter((text) => text !== ''))];
  return known.length === 0 ? '' : known.join(', ');
};

/** Stages at which honey is still, or again, somewhere to be had. */
const KEPT: readonly MassStage[] = ['in-comb', 'in-containers', 'drip'];

const lostKg = ({ balance }: LotMass): number =>
  balance.lines
    .filter((line) => !KEPT.includes(line.stage))
    .reduce((sum, line) => sum + line.mass.massKg, 0);

function lineOf(
  { file, ruling }: ReportedLot,
  { book, blended }: { readonly book: Book; readonly blended: ReadonlySet<string> },
): ReportLine {
  const { content, entityId } = file.lot;
  const mass = lotMass(file, densityMoisture(ruling.belief.mean));
  const frames = file.frames?.content.frames ?? [];
  const harvest = harvestOf(book, file.frames?.content.harvestId ?? null);
  const flow = flowOf(book, harvest?.content.flowId ?? null);
  const judged = frames.reduce((sum, frame) => sum + frame.honeyKg, 0);
  const colour = [...file.colours].sort((a, b) =>
    b.content.takenAt.localeCompare(a.content.takenAt),
  )[0];
  const notes = file.senses.flatMap((sense) => sense.content.notes.map((each) => each.note));
  return {
    lotId: entityId,
    name: content.name || content.code,
    year: yearOf(content.date),
    yard: only(frames.map((frame) => frame.yard)) || content.origin,
    flow: flow?.content.plant || flow?.content.name || content.plant,
    frames: mass.frames,
    judgedKg: frames.length > 0 ? judged : null,
    foundKg: mass.got?.massKg ?? null,
    lostKg: frames.length > 0 ? lostKg(mass) : null,
    isBlend: blended.has(entityId),
    moisturePercent: ruling.belief.mean,
    measured: ruling.belief.basis === 'readings',
    outcome: ruling.outcome,
    signed: file.ruling !== null,
    colour: colour ? classOf(colour.content) : null,
    taste: [...new Set(notes)],
    remark: content.remark,
  };
}

function hiveYields({ file, ruling }: ReportedLot): HiveYield[] {
  const mass = lotMass(file, densityMoisture(ruling.belief.mean));
  const year = yearOf(file.lot.content.date);
  return mass.byHive.map((yieldShare) => ({
    year,
    hive: yieldShare.from,
    frames: yieldShare.frames,
    kg: yieldShare.kg,
  }));
}

/** Yields of one hive in one year added up, the best first. */
function addedUp(yields: readonly HiveYield[]): HiveYield[] {
  const byHive = new Map<string, HiveYield>();
  for (const hiveYield of yields) {
    const key = `${hiveYield.year} ${hiveYield.hive}`;
    const before = byHive.get(key);
    byHive.set(key, {
      ...hiveYield,
      frames: hiveYield.frames + (before?.frames ?? 0),
      kg: hiveYield.kg + (before?.kg ?? 0),
    });
  }
  return [...byHive.values()].sort((a, b) => b.kg - a.kg);
}

function guessLines(
  guesses: readonly GuessRecord[],
  lots: readonly ReportedLot[],
  lines: readonly ReportLine[],
  book: Book,
): GuessLine[] {
  return guesses.flatMap(({ ownerId, content }): GuessLine[] => {
    const harvest = harvestOf(book, ownerId);
    if (!harvest) return [];
    const own = lots.filter((lot) => lot.file.frames?.content.harvestId === ownerId);
    const found = own
      .map(
        (reportedLot) =>
          lines.find((line) => line.lotId === reportedLot.file.lot.entityId)?.foundKg ?? null,
      )
      .filter((value) => value !== null);
    const { day } = harvest.content;
    const foundKg = found.length > 0 ? found.reduce((sum, value) => sum + value, 0) : null;
    return [{ year: yearOf(day), who: content.who, day, kg: content.kg, foundKg }];
  });
}

/** What years are compared by, from the lots with their rulings, the book and the guesses. */
export function seasonReport(
  lots: readonly ReportedLot[],
  {
    book,
    guesses,
    pastLots,
    blended,
  }: {
    readonly book: Book;
    /** lots that came of blends */
    readonly blended: ReadonlySet<string>;
    readonly guesses: readonly GuessRecord[];
    /** lots judged in the comb and measured later, with what was expected of each before */
    readonly pastLots: readonly (DatedPastLot & { readonly expectedPercent: number })[];
  },
): SeasonReport {
  const lines = lots.map((lot) => lineOf(lot, { book, blended }));
  return {
    years: [...new Set(lines.map((line) => line.year))].sort((a, b) => b - a),
    lots: lines,
    hives: addedUp(lots.flatMap(hiveYields)),
    guesses: guessLines(guesses, lots, lines, book),
    bias: pastLots.map(({ lotId, code, day, expectedPercent, measured }) => ({
      year: yearOf(day),
      lotId,
      code,
      expectedPercent,
      measuredPercent: measured.mean,
    })),
  };
}

/** Honey by flow or yard in a year. */
export interface GroupYield {
  readonly name: string;
  readonly kg: number;
}

/** The yard without its hives, however it was written: "marsh yard, hives 4 to 9" is the marsh yard. */
const groupName = (name: string): string => name.split(',')[0]!.trim();

/**
 * Honey of a year by flow or yard, most first; blends are counted with the lots they came of. Names
 * that differ only in capitals, or in what stands behind a comma, are one.
 */
export function groupYields(
  { lots }: SeasonReport,
  year: number,
  by: 'flow' | 'yard',
): GroupYield[] {
  const sums = new Map<string, GroupYield>();
  for (const lot of lots.filter((each) => each.year === year && !each.isBlend)) {
    const name = groupName(lot[by]);
    const key = name.toLowerCase();
    const before = sums.get(key);
    sums.set(key, {
      name: before?.name ?? name,
      kg: (before?.kg ?? 0) + (lot.foundKg ?? 0),
    });
  }
  return [...sums.values()].sort((a, b) => b.kg - a.kg);
}

/** How far the eye was off: honey judged in the comb against what was found. */
export interface EyeBias {
  /** judged over found, less one [1] */
  readonly share: number;
  readonly lots: number;
}

/** Bias of the eye in a year; null where no lot was both judged and weighed. */
export function eyeBias({ lots }: SeasonReport, year: number): EyeBias | null {
  const both = lots.filter((lot) => lot.year === year && lot.judgedKg !== null && lot.foundKg);
  if (both.length === 0) return null;
  const sum = (of: 'judgedKg' | 'foundKg'): number =>
    both.reduce((all, reportLine) => all + (reportLine[of] ?? 0), 0);
  return { share: sum('judgedKg') / sum('foundKg') - 1, lots: both.length };
}

/** Mean of expected less found [%], and how many lots it rests on; null without any. */
export function meanBias(
  bias: readonly BiasLine[],
): { readonly percent: number; readonly lots: number } | null {
  if (bias.length === 0) return null;
  const sum = bias.reduce(
    (all, biasLine) => all + biasLine.expectedPercent - biasLine.measuredPercent,
    0,
  );
  return { percent: sum / bias.length, lots: bias.length };
}
