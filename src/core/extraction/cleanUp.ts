/** What is to be done once the honey is out. */
export const CLEAN_UP_TASKS = [
  'bees-off',
  'wet-home',
  'wet-over-cover',
  'wet-not-yet',
  'boxes-cleaned',
  'cappings',
  'tools-dry',
  'stored-dry',
  'robbed-out',
  'washed',
  'stored-wet',
] as const;
export type CleanUpTask = (typeof CLEAN_UP_TASKS)[number];

/** What becomes of wet combs, by school: bees empty them at home or at a place of one's own choosing, or they are washed, or stored as they are. */
export const WET_COMB_WAYS = ['home', 'robbed-out', 'washed', 'stored'] as const;
export type WetCombWay = (typeof WET_COMB_WAYS)[number];

/** What decides which of them apply. */
export interface CleanUpSituation {
  /** bees find nectar now */
  readonly flowNow: boolean;
  /** honey of the next flow is to carry the flower's name */
  readonly nextFlowNamed: boolean;
  /** a colony whose combs these are is sick, or nobody knows */
  readonly disease: 'none-known' | 'suspected' | 'unknown';
  /** some were extracted without knowing whose they are */
  readonly originLost: boolean;
  /** left out: home */
  readonly way?: WetCombWay | undefined;
}

/** A task with the cautions that belong to it. */
export interface CleanUpStep {
  readonly task: CleanUpTask;
  readonly cautions: readonly ('foulbrood' | 'robbing' | 'neighbours' | 'blend' | 'mildew')[];
}

/** Wet combs by the keeper's school, as far as disease and flow allow it. */
function wetCombSteps(situation: CleanUpSituation): CleanUpStep[] {
  const { flowNow, disease, originLost, way = 'home' } = situation;
  if (disease === 'suspected' || originLost) {
    return [{ task: 'wet-not-yet', cautions: ['foulbrood', 'mildew'] }];
  }
  if (way === 'washed') return [{ task: 'washed', cautions: ['robbing'] }];
  if (way === 'stored') return [{ task: 'stored-wet', cautions: ['mildew'] }];
  if (flowNow) return [{ task: 'stored-dry', cautions: ['blend', 'mildew'] }];
  const home: CleanUpStep = { task: 'wet-home', cautions: ['foulbrood', 'robbing'] };
  // where nobody looked at the colonies, no other bees may reach their combs
  if (disease !== 'none-known') return [home];
  return way === 'robbed-out'
    ? [{ task: 'robbed-out', cautions: ['foulbrood', 'neighbours', 'robbing'] }]
    : [home, { task: 'wet-over-cover', cautions: ['robbing', 'neighbours'] }];
}

/**
 * What is to be done with wet combs, cappings and tools, in order.
 *
 * Combs go home to their own colony, over an inner cover and only without a flow; where a colony may
 * be sick, or where the origin is lost, nothing goes to any colony until the disease is ruled out.
 * Where nobody looked, only their own colony may have them, and not where others reach them.
 *
 * @source common practice, no source
 */
export function cleanUpSteps(situation: CleanUpSituation): CleanUpStep[] {
  return [
    { task: 'bees-off', cautions: [] },
    ...wetCombSteps(situation),
    ...(situation.nextFlowNamed ? [{ task: 'boxes-cleaned', cautions: ['blend'] } as const] : []),
    { task: 'cappings', cautions: [] },
    { task: 'tools-dry', cautions: [] },
  ];
}
