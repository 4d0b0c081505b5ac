import {
  FRESH_HONEY,
  heatBalance,
  vesselLagHours,
  viscosityPaS,
  warmedToC,
  warmingHistory,
  type HeatBalance,
  type HeatLimits,
  type WarmSpell,
  type WarmingPlan,
} from '../../../core';
import { settlingWords } from '../../words/english/settling';

/** Vessels that are warmed: honey's height and width [cm]; null: as the cabinet at once. */
export const WARMED_VESSELS = {
  jar: { name: settlingWords.jarsOfG, heightCm: 10, diameterCm: 7.5 },
  pail: { name: settlingWords.pailsOfKg, heightCm: 22, diameterCm: 23 },
  large: { name: settlingWords.pailsOfKg2, heightCm: 30, diameterCm: 28 },
  drum: { name: settlingWords.aDrumOfKg, heightCm: 82, diameterCm: 57 },
} as const;
export type WarmedVessel = keyof typeof WARMED_VESSELS;

/** What a plan is asked with. */
export interface PlanTried {
  readonly cabinetC: number;
  readonly days: number;
}

/** What a plan comes to. */
export interface PlanOutcome {
  readonly history: readonly WarmSpell[];
  readonly endC: number;
  /** budget once the plan is done */
  readonly after: HeatBalance;
  /** HMF formed and diastase left by this plan alone */
  readonly alone: HeatBalance;
  /** how much thinner the honey is at its end [times] */
  readonly thinner: number;
}

/** The honey before a plan: what it holds, and what it may come to. */
interface PlanBefore {
  readonly balance: Pick<HeatBalance, 'hmf' | 'diastase'>;
  readonly limits: HeatLimits;
}

/** A plan worked out for honey that starts at room temperature. */
export function planOutcome(
  { cabinetC, days }: PlanTried,
  {
    vessel,
    startC,
    moisturePercent,
  }: { vessel: WarmedVessel; startC: number; moisturePercent: number },
  { balance: { hmf, diastase }, limits }: PlanBefore,
): PlanOutcome {
  const { heightCm, diameterCm } = WARMED_VESSELS[vessel];
  const plan: WarmingPlan = {
    startC,
    cabinetC,
    days,
    lagHours: vesselLagHours(heightCm, diameterCm),
  };
  const history = warmingHistory(plan);
  const endC = warmedToC(plan);
  return {
    history,
    endC,
    after: heatBalance(history, { hmf, diastase }, limits),
    alone: heatBalance(history, FRESH_HONEY, limits),
    thinner: viscosityPaS(startC, moisturePercent) / viscosityPaS(endC, moisturePercent),
  };
}
