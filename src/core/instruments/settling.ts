import { median } from '../stats/robust';
import { requireInRange, requireFinite } from '../errors';

/** One line of a streaming meter. */
export interface MeterSample {
  /** on the meter's clock [s] */
  readonly atS: number;
  /** in the unit of its scale */
  readonly dialValue: number;
  /** of its prism [°C], null where it does not tell */
  readonly temperatureC: number | null;
}

/**
 * When a stream counts as settled.
 *
 * @source wait for the prism 30 s or more; common practice, no source; the rest our choice
 */
export const SETTLING = {
  /** the first value is not taken before [s] */
  leastS: 30,
  /** stretch that is looked at [s] */
  windowS: 10,
  /** fewest samples in that stretch */
  leastSamples: 8,
  /** a longer silence starts the wait anew [s] */
  gapS: 3,
  /** how long a trend is thought to go on [s] */
  trendS: 20,
  /** samples that are all alike to the last digit, from which a sensor is thought stuck */
  stuckSamples: 40,
} as const;

/** What a stream of samples allows. */
export type Settling =
  | { readonly status: 'waiting'; readonly secondsLeft: number }
  | { readonly status: 'settling'; readonly trendPerMinute: number }
  | { readonly status: 'noisy'; readonly standard: number }
  | { readonly status: 'stuck' }
  | {
      readonly status: 'stable';
      readonly dialValue: number;
      /** standard deviation of the stretch, in the unit of the scale */
      readonly standard: number;
      readonly temperatureC: number | null;
    };

interface Line {
  readonly slope: number;
  readonly residual: number;
}

/** Least-squares slope of the stretch and the spread about it. */
function fit(samples: readonly MeterSample[]): Line {
  const n = samples.length;
  const t = samples.reduce((sum, sample) => sum + sample.atS, 0) / n;
  const v = samples.reduce((sum, sample) => sum + sample.dialValue, 0) / n;
  let tt = 0;
  let tv = 0;
  let vv = 0;
  for (const sample of samples) {
    tt += (sample.atS - t) ** 2;
    tv += (sample.atS - t) * (sample.dialValue - v);
    vv += (sample.dialValue - v) ** 2;
  }
  const slope = tt === 0 ? 0 : tv / tt;
  return { slope, residual: Math.sqrt(Math.max(0, vv - slope * tv) / Math.max(1, n - 2)) };
}

/** The samples since the last silence. */
function unbroken(samples: readonly MeterSample[]): readonly MeterSample[] {
  for (let at = samples.length - 1; at > 0; at -= 1) {
    const [before, here] = [samples[at - 1], samples[at]];
    if (!before || !here) break;
    const silence = here.atS - before.atS;
    if (silence > SETTLING.gapS || silence < 0) return samples.slice(at);
  }
  return samples;
}

function isStuck(samples: readonly MeterSample[]): boolean {
  const [first] = samples;
  if (!first || samples.length < SETTLING.stuckSamples) return false;
  return samples.every(
    (sample) => sample.dialValue === first.dialValue && sample.temperatureC === first.temperatureC,
  );
}

/**
 * Whether a streaming meter has settled, and on what value.
 *
 * Nothing is taken in the first 30 s; then the last 10 s must hold still: neither their trend, if it
 * went on for 20 s, nor their spread may exceed the tolerance. A silence of more than 3 s starts the
 * wait anew. A stream that never changed a digit is thought stuck.
 *
 * @param samples - oldest first, on the meter's clock
 * @param tolerance - in the unit of the scale, > 0; half a division is usual
 * @returns what to wait for, or the median of the last 10 s
 * @throws DomainError `out-of-range`
 * @source sizes as in `SETTLING`
 */
export function settling(samples: readonly MeterSample[], tolerance: number): Settling {
  requireFinite({ samples, tolerance }, 'settling');
  requireInRange(tolerance, [Number.MIN_VALUE, 10], {
    fn: 'settling',
    param: 'tolerance',
    unit: '1',
  });
  const run = unbroken(samples);
  const last = run[run.length - 1];
  const first = run[0];
  if (!last || !first) return { status: 'waiting', secondsLeft: SETTLING.leastS };
  if (isStuck(run)) return { status: 'stuck' };
  const elapsed = last.atS - first.atS;
  const window = run.filter((meterSample) => meterSample.atS >= last.atS - SETTLING.windowS);
  if (elapsed < SETTLING.leastS || window.length < SETTLING.leastSamples) {
    return { status: 'waiting', secondsLeft: Math.max(1, Math.ceil(SETTLING.leastS - elapsed)) };
  }
  const { slope, residual } = fit(window);
  if (residual > tolerance) return { status: 'noisy', standard: residual };
  if (Math.abs(slope) * SETTLING.trendS > tolerance) {
    return { status: 'settling', trendPerMinute: slope * 60 };
  }
  return {
    status: 'stable',
    dialValue: median(window.map((meterSample) => meterSample.dialValue)),
    standard: residual,
    temperatureC: last.temperatureC,
  };
}
