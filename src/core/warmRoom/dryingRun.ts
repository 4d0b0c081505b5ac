import type { DryingRates } from '../drying/rates';
import type { DryingBatch } from './solver/batch';
import type { Air, AirOverTime } from './airOverTime';
import type { RoomTotals } from './solver/dryingStep';
import type { WarmRoom } from './room';

/** A stretch of time in which combs dry, or stand about. */
export interface DryingRun {
  /** the room with the air about it; null where the air is known all along */
  readonly room: { readonly room: WarmRoom; readonly outside: AirOverTime } | null;
  /** air measured in the room, or of a place without a balance; it replaces the room's balance as far as it reaches */
  readonly known: AirOverTime | null;
  /** from and until when the air is known [d]; all along where not there */
  readonly knownFromDay?: number;
  readonly knownUntilDay?: number;
  readonly batches: readonly DryingBatch[];
  /** ascending times to tell of, the last one ends the run [d] */
  readonly reportDays: readonly number[];
  /** air of the room at the start; the air outside where not there */
  readonly startAir?: Air;
  readonly rates?: DryingRates;
  /** layers of a comb; 8 for forecasts, 12 for single runs */
  readonly nodes?: number;
  /** by how much smaller errors of a step must be [1] */
  readonly finer?: number;
}

/** A batch as the run tells of it at one time. */
export interface BatchMoment {
  /** of all its honey, by mass [%] */
  readonly meanPercent: number;
  /** of each part [%] */
  readonly parts: readonly { readonly meanPercent: number; readonly surfacePercent: number }[];
  /** [kg] */
  readonly waterKg: number;
  readonly honeyC: number;
}

/** All at one time. */
export interface DryingMoment {
  readonly day: number;
  readonly air: Air;
  /** of the batches that are in, by their id */
  readonly batches: ReadonlyMap<string, BatchMoment>;
  readonly totals: Readonly<RoomTotals>;
}

/** What a run found. */
export interface DryingResult {
  readonly moments: readonly DryingMoment[];
  readonly steps: number;
  /** water that is missing or too much at the end, by all the water that moved [1] */
  readonly imbalance: number;
}

/** Times at which something changes at once: batches come, go or are stirred; the known air ends, it begins to rain. */
export function breaksOf(run: DryingRun, end: number): number[] {
  const days = run.batches.flatMap(({ inDay, outDay, stirredEveryDays: every }) => {
    const until = outDay ?? end;
    const stirs = every ? Math.max(0, Math.ceil((until - inDay) / every) - 1) : 0;
    return [
      inDay,
      until,
      ...Array.from({ length: stirs }, (_, at) => inDay + (at + 1) * (every ?? 0)),
    ];
  });
  const outside = run.room?.outside;
  const wet = outside && outside.kind !== 'constant' ? (outside.wet ?? []) : [];
  const rain = wet.flatMap(({ fromDay, toDay }) => [fromDay, toDay]);
  const all = [0, ...days, ...rain, run.knownFromDay ?? 0, run.knownUntilDay ?? end, end].filter(
    (day) => day >= 0 && day <= end,
  );
  return [...new Set(all)].sort((a, b) => a - b);
}
