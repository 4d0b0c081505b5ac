import { allotJars, type Allotment } from '../../core';
import { PURPOSES, type Occasion, type Purpose } from '../../records';
import type { StoredLot } from './storedLots';
import type { JarStock } from './store';

/** A run of jars with the lot that it is of. */
export interface RunOfJars {
  readonly lot: StoredLot;
  readonly stock: JarStock;
  /** whether jars of it may be promised and given out */
  readonly mayGo: boolean;
}

/** An occasion with the jars that are there for it. */
export interface OccasionPlan {
  readonly occasion: Occasion;
  /** set aside for it, and still in the house, by run */
  readonly aside: readonly AsideJars[];
  readonly asideCount: number;
  /** free jars that would go to it, the oldest first */
  readonly from: readonly { readonly run: RunOfJars; readonly count: number }[];
  readonly fromCount: number;
  readonly short: number;
}

/** Jars in the house: by age, by occasion, and what is kept back of each lot. */
export interface JarBoard {
  /** runs with jars left, the oldest first */
  readonly runs: readonly RunOfJars[];
  /** occasions still to come, the next first */
  readonly plans: readonly OccasionPlan[];
  readonly past: readonly Occasion[];
  /** of each lot of which no jar is kept back as a sample, the oldest run that has a free one */
  readonly withoutSample: readonly RunOfJars[];
}

/** Jars of a run that are set aside for an occasion, and for what. */
export interface AsideJars {
  readonly run: RunOfJars;
  readonly purpose: Purpose;
  readonly count: number;
}

/** What was written down as set aside for an occasion and not as given out for it [jars]. */
function writtenFor({ lot, stock }: RunOfJars, occasionId: string, purpose: Purpose): number {
  return lot.file.jarMoves
    .filter(
      ({ content }) =>
        content.occasionId === occasionId &&
        content.packingId === stock.packing.entityId &&
        content.purpose === purpose,
    )
    .reduce(
      (sum, { content }) => sum + (content.act === 'set-aside' ? content.count : -content.count),
      0,
    );
}

/**
 * Jars set aside for each occasion, the earliest first. None of a run that may not leave, and never more
 * than are set aside at all: somebody may have given them out for something else.
 */
function asideOf(
  open: readonly Occasion[],
  runs: readonly RunOfJars[],
): ReadonlyMap<string, readonly AsideJars[]> {
  const places = runs
    .filter((run) => run.mayGo)
    .flatMap((run) =>
      PURPOSES.map((purpose) => ({ run, purpose, left: run.stock.setAside[purpose] })),
    );
  return new Map(
    open.map(({ entityId }) => {
      const aside = places.flatMap((place) => {
        const { run, purpose } = place;
        const count = Math.min(writtenFor(run, entityId, purpose), place.left);
        if (count <= 0) return [];
        place.left -= count;
        return [{ run, purpose, count }];
      });
      return [entityId, aside];
    }),
  );
}

const runId = ({ stock }: RunOfJars): string => stock.packing.entityId;

/**
 * Jars in the house against what is wanted of them.
 *
 * @param mayGo - whether jars of a lot and a run may leave; what may not is promised to nobody
 */
export function jarBoard(
  lots: readonly StoredLot[],
  occasions: readonly Occasion[],
  mayGo: (lot: StoredLot, stock: JarStock) => boolean,
): JarBoard {
  const runs = lots
    .flatMap((lot) => lot.jars.map((stock) => ({ lot, stock, mayGo: mayGo(lot, stock) })))
    .filter(({ stock }) => stock.left > 0)
    .sort((a, b) =>
      a.stock.packing.content.bestBefore.localeCompare(b.stock.packing.content.bestBefore),
    );
  const open = occasions
    .filter(({ content }) => !content.over)
    .sort((a, b) => a.content.day.localeCompare(b.content.day));
  const aside = asideOf(open, runs);
  const counted = (entityId: string): number =>
    (aside.get(entityId) ?? []).reduce((sum, { count }) => sum + count, 0);
  const allotted = allotJars(
    runs
      .filter((run) => run.mayGo)
      .map((run) => ({ id: runId(run), free: run.stock.free, ...sizeAndDay(run) })),
    open.map(({ entityId, content: { day, jarG, count } }) => ({
      id: entityId,
      day,
      jarG,
      count: Math.max(0, count - counted(entityId)),
    })),
  );
  return {
    runs,
    plans: open.map((occasion) =>
      planOf(occasion, aside.get(occasion.entityId) ?? [], {
        runs,
        allotted,
      }),
    ),
    past: occasions.filter(({ content }) => content.over),
    withoutSample: lots.flatMap((lot) => {
      const hasSample = lot.jars.some((jars) => jars.setAside.sample + jars.givenOut.sample > 0);
      const own = runs.find((run) => run.lot === lot && run.stock.free > 0);
      return own && !hasSample ? [own] : [];
    }),
  };
}

const sizeAndDay = ({ stock }: RunOfJars): { jarG: number; bestBefore: string } => {
  const { jarG, bestBefore } = stock.packing.content;
  return { jarG, bestBefore };
};

function planOf(
  occasion: Occasion,
  aside: OccasionPlan['aside'],
  { runs, allotted }: { runs: readonly RunOfJars[]; allotted: readonly Allotment[] },
): OccasionPlan {
  const found = allotted.find(({ id }) => id === occasion.entityId);
  const from = (found?.from ?? []).flatMap(({ id, count }) => {
    const run = runs.find((each) => runId(each) === id);
    return run ? [{ run, count }] : [];
  });
  const sum = (list: readonly { readonly count: number }[]): number =>
    list.reduce((all, { count }) => all + count, 0);
  return {
    occasion,
    aside,
    asideCount: sum(aside),
    from,
    fromCount: sum(from),
    short: found?.short ?? 0,
  };
}
