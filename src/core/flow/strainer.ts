import { DomainError, requireInRange, requireFinite } from '../errors';
import { cloggedFlowKgPerMin, type Clogging } from './clogging';
import { cleanFlowKgPerH, type Mesh } from './mesh';

/** A mesh of a strainer, with the honey that stands over it. */
export interface StrainerMesh extends Mesh {
  readonly headCm: number;
}

/** A chain of meshes, the coarsest first; honey goes through all of them. */
export interface Strainer {
  readonly meshes: readonly StrainerMesh[];
  /** flow by that of the relation, from the first buckets [1] */
  readonly flowFactor: number;
  /** matter by that usually assumed, from the first buckets [1] */
  readonly clogFactor: number;
  /** it is scraped once the flow has fallen to this share of the clean one [1] */
  readonly scrapeAtShare: number;
}

/** The honey that is strained. */
export interface HoneyState {
  readonly temperatureC: number;
  readonly moisturePercent: number;
}

/**
 * How fast a mesh of 200 µm closes, by its area [dm²/kg]; finer ones faster in proportion. From the
 * handbook's row of 0.02/kg at 1 kg/min, which is about 3 dm² of such a mesh.
 *
 * @source our choice, no source; calibrated by the first buckets
 */
const CLOGGING_AT_200_DM2_PER_KG = 0.06;
const REFERENCE_OPENING_UM = 200;

/** What of the wax gets past a coarser mesh above [1]. @source our choice, no source */
const PAST_COARSE = 0.4;

export const SCRAPE_SHARE_RANGE: readonly [number, number] = [0.02, 0.98];

/** K of each mesh [1/kg]. */
function cloggingPerKg({ meshes, clogFactor }: Strainer, at: number): number {
  const { openingUm, areaDm2 } = meshes[at]!;
  const kept = at === 0 ? 1 : PAST_COARSE;
  const perDm2 = (CLOGGING_AT_200_DM2_PER_KG * REFERENCE_OPENING_UM) / openingUm;
  return (clogFactor * kept * perDm2) / areaDm2;
}

/** Time between two scrapings: what goes through, and how long each part of it takes. */
export interface StrainerCycle {
  /** [kg/min] */
  readonly cleanKgPerMin: number;
  /** until it is to be scraped [kg] */
  readonly kg: number;
  /** since it was clean, after equal parts of `kg` [min]; begins with 0 */
  readonly minutes: readonly number[];
}

/** Equal parts of a cycle that are kept. */
const PARTS = 48;

function requireStrainer({ meshes, flowFactor, clogFactor, scrapeAtShare }: Strainer): void {
  const fn = 'strainerCycle';
  if (meshes.length === 0) {
    throw new DomainError({ code: 'empty', fn, param: 'meshes', value: 0, unit: '1' });
  }
  requireInRange(flowFactor, [1e-3, 1e3], { fn, param: 'flowFactor', unit: '1' });
  requireInRange(clogFactor, [1e-3, 1e3], { fn, param: 'clogFactor', unit: '1' });
  requireInRange(scrapeAtShare, SCRAPE_SHARE_RANGE, { fn, param: 'scrapeAtShare', unit: '1' });
}

/**
 * A strainer from clean until it is scraped. The mesh that lets least through sets the flow; each
 * closes by intermediate blocking.
 *
 * @throws DomainError `empty` without meshes, `out-of-range`
 * @accuracy integral by Simpson's rule, 1e-6; the clogging itself is an assumption until calibrated
 * @source Armour & Cannon (1968) and Hermia (1982), recalled from memory
 */
export function strainerCycle(strainer: Strainer, honey: HoneyState): StrainerCycle {
  requireFinite({ strainer, honey }, 'strainerCycle');
  requireStrainer(strainer);
  const meshes = strainer.meshes.map((mesh, at): Clogging => ({
    law: 'intermediate',
    cleanKgPerMin:
      (strainer.flowFactor * cleanFlowKgPerH(mesh, { ...honey, headCm: mesh.headCm })) / 60,
    perKg: cloggingPerKg(strainer, at),
  }));
  const cleanKgPerMin = Math.min(...meshes.map((mesh) => mesh.cleanKgPerMin));
  const least = strainer.scrapeAtShare * cleanKgPerMin;
  const kg = Math.min(...meshes.map((mesh) => Math.log(mesh.cleanKgPerMin / least) / mesh.perKg));
  /** minutes that the next kilogram takes */
  const slowness = (passed: number): number =>
    Math.max(...meshes.map((mesh) => 1 / cloggedFlowKgPerMin(mesh, passed)));
  const step = kg / PARTS;
  const minutes = [0];
  for (let part = 0; part < PARTS; part += 1) {
    const from = part * step;
    const ends = slowness(from) + slowness(from + step);
    minutes.push(minutes[part]! + (step / 6) * (ends + 4 * slowness(from + step / 2)));
  }
  return { cleanKgPerMin, kg, minutes };
}

/** An open gate without a mesh: nothing clogs. */
export function openGateCycle(kgPerMin: number): StrainerCycle {
  requireInRange(kgPerMin, [1e-3, 1e3], { fn: 'openGateCycle', param: 'kgPerMin', unit: 'kg/min' });
  const kg = 1e9;
  return { cleanKgPerMin: kgPerMin, kg, minutes: [0, kg / kgPerMin] };
}

/** Minutes since it was clean at which so much has gone through; at most a cycle [min]. */
export function minutesInCycle({ kg, minutes }: StrainerCycle, passedKg: number): number {
  const parts = minutes.length - 1;
  // Called for every pail of every possible day: checked without a list of arguments.
  if (!(parts >= 1 && kg > 0 && !Number.isNaN(passedKg))) {
    const place = { fn: 'minutesInCycle', param: 'kg', unit: 'kg' };
    throw new DomainError({ code: 'out-of-range', value: passedKg, ...place });
  }
  const place = Math.min(parts, Math.max(0, (passedKg / kg) * parts));
  const at = Math.min(parts - 1, Math.floor(place));
  const [before, after] = [minutes[at]!, minutes[at + 1]!];
  return before + (place - at) * (after - before);
}

/** How long straining takes, and how often it is scraped. */
export interface StrainingTime {
  readonly minutes: number;
  readonly scrapes: number;
}

/**
 * How long a mass takes through a strainer, scraped whenever it is due.
 *
 * @param kg - [kg], 0..1e6
 * @param scrapeMinutes - each time [min], 0..240
 * @throws DomainError `out-of-range`
 */
export function strainingTime(
  cycle: StrainerCycle,
  kg: number,
  scrapeMinutes: number,
): StrainingTime {
  const fn = 'strainingTime';
  requireInRange(kg, [0, 1e6], { fn, param: 'kg', unit: 'kg' });
  requireInRange(scrapeMinutes, [0, 240], { fn, param: 'scrapeMinutes', unit: 'min' });
  const scrapes = Math.max(0, Math.ceil(kg / cycle.kg - 1e-9) - 1);
  const whole = cycle.minutes[cycle.minutes.length - 1]!;
  const rest = minutesInCycle(cycle, kg - scrapes * cycle.kg);
  return { minutes: scrapes * (whole + scrapeMinutes) + rest, scrapes };
}

/** How much is through after a time. */
export interface StrainedPoint {
  readonly minutes: number;
  readonly kg: number;
}

/** Longest curve that is reported, in cycles. */
const MOST_CYCLES = 200;

/**
 * What is through over time, flat where it is scraped.
 *
 * @param kg - in all [kg], 0..1e6
 * @throws DomainError `out-of-range`
 */
export function strainingCurve(
  cycle: StrainerCycle,
  kg: number,
  scrapeMinutes: number,
): StrainedPoint[] {
  requireFinite({ cycle, kg, scrapeMinutes }, 'strainingCurve');
  requireInRange(kg, [0, 1e6], { fn: 'strainingCurve', param: 'kg', unit: 'kg' });
  requireInRange(cycle.kg, [1e-6, 1e9], { fn: 'strainingCurve', param: 'cycle', unit: 'kg' });
  const parts = cycle.minutes.length - 1;
  const points: StrainedPoint[] = [{ minutes: 0, kg: 0 }];
  let [minutes, passed] = [0, 0];
  for (let round = 0; round < MOST_CYCLES && passed < kg - 1e-9; round += 1) {
    const own = Math.min(cycle.kg, kg - passed);
    for (let part = 1; part <= parts; part += 4) {
      const share = Math.min(1, (part + 3) / parts);
      const at = minutesInCycle(cycle, own * share);
      points.push({ minutes: minutes + at, kg: passed + own * share });
    }
    minutes += minutesInCycle(cycle, own);
    passed += own;
    if (passed < kg - 1e-9) {
      minutes += scrapeMinutes;
      points.push({ minutes, kg: passed });
    }
  }
  return points;
}
