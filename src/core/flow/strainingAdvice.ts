import { requireInRange, requireFinite } from '../errors';
import { goldenMinimum } from '../fit/goldenMinimum';
import {
  SCRAPE_SHARE_RANGE,
  strainerCycle,
  strainingTime,
  type HoneyState,
  type Strainer,
  type StrainingTime,
} from './strainer';

/** Above this wax softens and blinds the mesh [°C]. @source common practice, no source */
export const WAX_SOFTENS_C = 35;

/** Below this honey is hard to strain and to extract [°C]. @source common practice, no source */
export const TOO_STIFF_BELOW_C = 15;

/** What is to be strained, and how. */
export interface StrainingTask {
  readonly strainer: Strainer;
  readonly honey: HoneyState;
  readonly kg: number;
  /** each time [min] */
  readonly scrapeMinutes: number;
}

export type StrainingChange = 'warmer' | 'head' | 'area' | 'coarse-first' | 'settled' | 'scraping';

/** Something that would make straining faster. */
export interface StrainingAdvice {
  readonly change: StrainingChange;
  readonly minutesSaved: number;
  /** how much of the change: K, cm, share of wax gone, or share at which to scrape; 0 where none */
  readonly amount: number;
}

/** Time that a task takes. @throws DomainError as `strainerCycle` and `strainingTime` do */
export function timeOfTask({ strainer, honey, kg, scrapeMinutes }: StrainingTask): StrainingTime {
  requireFinite({ strainer, honey, kg, scrapeMinutes }, 'timeOfTask');
  return strainingTime(strainerCycle(strainer, honey), kg, scrapeMinutes);
}

/**
 * The share of the clean flow at which scraping costs least time in the long run.
 *
 * @param scrapeMinutes - each time [min]
 * @returns [1], within 0.02..0.98
 * @source least time by kilogram over a whole cycle with its scraping
 */
export function bestScrapeShare(
  strainer: Strainer,
  honey: HoneyState,
  scrapeMinutes: number,
): number {
  const minutesPerKg = (share: number): number => {
    const { kg, minutes } = strainerCycle({ ...strainer, scrapeAtShare: share }, honey);
    return (minutes[minutes.length - 1]! + scrapeMinutes) / kg;
  };
  return goldenMinimum(minutesPerKg, SCRAPE_SHARE_RANGE, 0.002);
}

/**
 * The strainer once honey stood and wax rose: less of it comes to the mesh.
 *
 * @param waxGone - share that was skimmed [1], 0..0.99
 * @throws DomainError `out-of-range`
 */
export function afterSettling(strainer: Strainer, waxGone: number): Strainer {
  requireFinite({ strainer, waxGone }, 'afterSettling');
  requireInRange(waxGone, [0, 0.99], { fn: 'afterSettling', param: 'waxGone', unit: '1' });
  return { ...strainer, clogFactor: strainer.clogFactor * (1 - waxGone) };
}

/** The same with a coarse mesh above, of the area of the first. @source our choice: 600 µm, 300 µm wire */
function withCoarse(strainer: Strainer): Strainer {
  const [first] = strainer.meshes;
  if (!first) return strainer;
  const coarse = { ...first, openingUm: 600, wireUm: 300 };
  return { ...strainer, meshes: [coarse, ...strainer.meshes] };
}

function eachMesh(strainer: Strainer, change: { area?: number; headCm?: number }): Strainer {
  const { area = 1, headCm = 0 } = change;
  const meshes = strainer.meshes.map((mesh) => ({
    ...mesh,
    areaDm2: mesh.areaDm2 * area,
    headCm: mesh.headCm + headCm,
  }));
  return { ...strainer, meshes };
}

/** Least time worth a word [min]. */
const WORTH_MINUTES = 2;

/** Warming advised at most [K]. */
const WARMER_BY_K = 5;
const MORE_HEAD_CM = 5;

/**
 * What would make straining faster, the most first; nothing is warmed above where wax softens.
 *
 * @param waxGone - share of the wax that a night of settling would take out [1]
 */
export function strainingAdvice(task: StrainingTask, waxGone: number): StrainingAdvice[] {
  requireFinite({ task, waxGone }, 'strainingAdvice');
  const now = timeOfTask(task).minutes;
  const { strainer, honey, scrapeMinutes } = task;
  const warmer = Math.min(WARMER_BY_K, WAX_SOFTENS_C - honey.temperatureC);
  const share = bestScrapeShare(strainer, honey, scrapeMinutes);
  const changes: (readonly [StrainingChange, number, Partial<StrainingTask>])[] = [
    ['head', MORE_HEAD_CM, { strainer: eachMesh(strainer, { headCm: MORE_HEAD_CM }) }],
    ['area', 2, { strainer: eachMesh(strainer, { area: 2 }) }],
    ['settled', waxGone, { strainer: afterSettling(strainer, waxGone) }],
    ['scraping', share, { strainer: { ...strainer, scrapeAtShare: share } }],
  ];
  if (warmer > 0) {
    const warmed = { ...honey, temperatureC: honey.temperatureC + warmer };
    changes.push(['warmer', warmer, { honey: warmed }]);
  }
  if (strainer.meshes.length === 1 && strainer.meshes[0]!.openingUm < 600) {
    changes.push(['coarse-first', 600, { strainer: withCoarse(strainer) }]);
  }
  return changes
    .map(([change, amount, different]) => {
      const minutesSaved = now - timeOfTask({ ...task, ...different }).minutes;
      return { change, minutesSaved, amount };
    })
    .filter((item) => item.minutesSaved > WORTH_MINUTES)
    .sort((a, b) => b.minutesSaved - a.minutesSaved);
}

/**
 * How warm honey must be to be through in time.
 *
 * @param withinMinutes - [min], above 0
 * @returns [°C], not below what it is now; null where not even 35 °C is enough
 * @source bisection; warmer honey is thinner, so the time falls with the temperature
 */
export function warmEnoughC(task: StrainingTask, withinMinutes: number): number | null {
  requireFinite({ task, withinMinutes }, 'warmEnoughC');
  const minutesAt = (temperatureC: number): number =>
    timeOfTask({ ...task, honey: { ...task.honey, temperatureC } }).minutes;
  let [low, high] = [task.honey.temperatureC, Math.max(task.honey.temperatureC, WAX_SOFTENS_C)];
  if (minutesAt(low) <= withinMinutes) return low;
  if (minutesAt(high) > withinMinutes) return null;
  while (high - low > 0.01) {
    const middle = (low + high) / 2;
    if (minutesAt(middle) <= withinMinutes) high = middle;
    else low = middle;
  }
  return high;
}

/** What a mesh does to pollen, and to what may be said on a label. */
export type MeshEffect = 'pollen-stays' | 'some-pollen' | 'pollen-goes';

/**
 * What the finest mesh does to pollen. Nearly all grains are smaller than 100 µm; local rules decide
 * what may stand on a label.
 *
 * @param openingUm - of the finest mesh [µm], 20..5000
 * @throws DomainError `out-of-range`
 * @source from memory; rules of several places call honey “filtered” once much pollen is gone
 */
export function meshEffect(openingUm: number): MeshEffect {
  const place = { fn: 'meshEffect', param: 'openingUm', unit: 'µm' };
  requireInRange(openingUm, [20, 5000], place);
  if (openingUm >= 200) return 'pollen-stays';
  return openingUm >= 100 ? 'some-pollen' : 'pollen-goes';
}
