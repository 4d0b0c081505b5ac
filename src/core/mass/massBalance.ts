import { DomainError, requireFinite } from '../errors';
import { quadrature } from '../stats/uncertainty';
import type { MassEstimate } from './amountMass';

/** Where honey is, from comb to container. `drip` ran out of cappings and is a container of its own. */
export const MASS_STAGES = [
  'in-comb',
  'in-wet-combs',
  'with-cappings',
  'drip',
  'on-walls',
  'off-mesh',
  'skimmed',
  'in-containers',
] as const;
export type MassStage = (typeof MASS_STAGES)[number];

/** Stages that the honey of the combs ends in. */
const ENDS: readonly MassStage[] = [
  'in-wet-combs',
  'with-cappings',
  'drip',
  'on-walls',
  'off-mesh',
  'skimmed',
  'in-containers',
];

/** What of the honey in comb usually goes where, where nobody weighed [1]. @source common practice, no source; 3 to 8 % in wet combs and cappings by the handbook */
const USUAL_SHARE: Partial<Record<MassStage, number>> = {
  'in-wet-combs': 0.03,
  'with-cappings': 0.025,
  'off-mesh': 0.003,
  skimmed: 0.005,
};

/** On walls of extractor, tank and tools [kg]. @source common practice, no source */
const USUAL_WALLS_KG = 0.4;

/** A usual share may be so far off, as one standard deviation [1]. */
const USUAL_DOUBT = 0.5;

/** A line of the balance. */
export interface MassLine {
  readonly stage: MassStage;
  readonly mass: MassEstimate;
  /** 'usual' where nobody weighed it and a usual share stands in */
  readonly from: 'weighed' | 'usual';
}

/** All honey from comb to container, and what nobody can explain. */
export interface MassBalance {
  readonly lines: readonly MassLine[];
  /** what the combs held less all that was found; null where the combs or the containers are unknown [kg] */
  readonly unexplained: MassEstimate | null;
  /** whether the difference is more than the doubts explain, nineteen times in twenty */
  readonly verdict: 'explained' | 'missing' | 'too-much' | 'unknown';
  /** what ran out of the combs, and what of it came through strainer and skimming, computed; null where the combs are unknown [kg] */
  readonly extracted: MassEstimate | null;
  readonly strained: MassEstimate | null;
  /** got of what hung in the combs [1]; null where unknown */
  readonly yieldShare: number | null;
}

/** What was weighed or computed, by stage; a stage that nobody looked at is left out. */
export type WeighedStages = Partial<Readonly<Record<MassStage, MassEstimate>>>;

/** What never reaches the extractor's gate, and what is lost behind it. */
const BEFORE_EXTRACTOR: readonly MassStage[] = ['in-wet-combs', 'with-cappings', 'drip'];
const BEHIND_EXTRACTOR: readonly MassStage[] = ['on-walls', 'off-mesh', 'skimmed'];

/** What is left of a mass once some stages were taken off. */
function without(
  whole: MassEstimate,
  lines: readonly MassLine[],
  stages: readonly MassStage[],
): MassEstimate {
  const gone = lines.filter((line) => stages.includes(line.stage)).map((line) => line.mass);
  return {
    massKg: whole.massKg - gone.reduce((sum, massEstimate) => sum + massEstimate.massKg, 0),
    standardUncertaintyKg: quadrature([
      whole.standardUncertaintyKg,
      ...gone.map((massEstimate) => massEstimate.standardUncertaintyKg),
    ]),
  };
}

function usualLine(stage: MassStage, combKg: number): MassLine {
  const massKg = stage === 'on-walls' ? USUAL_WALLS_KG : (USUAL_SHARE[stage] ?? 0) * combKg;
  const mass = { massKg, standardUncertaintyKg: USUAL_DOUBT * massKg };
  return { stage, mass, from: 'usual' };
}

function requireMasses(weighed: WeighedStages): void {
  for (const [param, mass] of Object.entries(weighed)) {
    if (mass.massKg >= 0 && mass.standardUncertaintyKg >= 0) continue;
    const what = { fn: 'massBalance', param, unit: 'kg', code: 'out-of-range' } as const;
    throw new DomainError({ ...what, value: mass.massKg });
  }
}

/**
 * Balance of the honey from comb to container. Stages that nobody weighed stand with a usual share
 * once the honey in the combs is known; drip is counted only where it was caught.
 *
 * @throws DomainError `out-of-range` for a negative mass
 * @source conservation of mass; doubts in quadrature, JCGM 100:2008 (GUM), recalled from memory
 */
export function massBalance(weighed: WeighedStages): MassBalance {
  requireFinite({ weighed }, 'massBalance');
  requireMasses(weighed);
  const combs = weighed['in-comb'];
  const lines = MASS_STAGES.flatMap((stage): MassLine[] => {
    const mass = weighed[stage];
    if (mass) return [{ stage, mass, from: 'weighed' }];
    const isUsual = stage === 'on-walls' || USUAL_SHARE[stage] !== undefined;
    return combs && isUsual ? [usualLine(stage, combs.massKg)] : [];
  });
  const extracted = combs ? without(combs, lines, BEFORE_EXTRACTOR) : null;
  const strained = extracted ? without(extracted, lines, BEHIND_EXTRACTOR) : null;
  const containers = weighed['in-containers'];
  if (!combs || !containers)
    return { lines, extracted, strained, unexplained: null, verdict: 'unknown', yieldShare: null };
  const ends = lines.filter((line) => ENDS.includes(line.stage));
  const unexplained = {
    massKg: combs.massKg - ends.reduce((sum, end) => sum + end.mass.massKg, 0),
    standardUncertaintyKg: quadrature([
      combs.standardUncertaintyKg,
      ...ends.map((end) => end.mass.standardUncertaintyKg),
    ]),
  };
  const isMore = Math.abs(unexplained.massKg) > 2 * unexplained.standardUncertaintyKg + 1e-9;
  const side = unexplained.massKg > 0 ? 'missing' : 'too-much';
  return {
    lines,
    extracted,
    strained,
    unexplained,
    verdict: isMore ? side : 'explained',
    yieldShare: combs.massKg > 0 ? containers.massKg / combs.massKg : null,
  };
}

/** Honey shared out over what it came from, in proportion to what each held. */
export interface YieldShare {
  readonly from: string;
  readonly frames: number;
  readonly kg: number;
}

/**
 * What each hive, box or yard gave of the honey that was got.
 *
 * @param parts - from where, with frames and the honey computed in them [kg]
 * @param gotKg - in containers [kg]
 * @returns by the name of the source, the most first; together exactly `gotKg`
 */
export function sharedYield(
  parts: readonly { readonly from: string; readonly frames: number; readonly kg: number }[],
  gotKg: number,
): YieldShare[] {
  requireFinite({ parts, gotKg }, 'sharedYield');
  const sums = new Map<string, { frames: number; kg: number }>();
  for (const { from, frames, kg } of parts) {
    const before = sums.get(from) ?? { frames: 0, kg: 0 };
    sums.set(from, { frames: before.frames + frames, kg: before.kg + kg });
  }
  const all = [...sums.values()].reduce((sum, item) => sum + item.kg, 0);
  return [...sums]
    .map(([from, { frames, kg }]) => ({ from, frames, kg: all > 0 ? (gotKg * kg) / all : 0 }))
    .sort((a, b) => b.kg - a.kg);
}
