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
] as const;
export type CleanUpTask = (typeof CLEAN_UP_TASKS)[number];

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
}

/** A task with the cautions that belong to it. */
export interface CleanUpStep {
  readonly task: CleanUpTask;
  readonly cautions: readonly ('foulbrood' | 'robbing' | 'neighbours' | 'blend' | 'mildew')[];
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
  const { flowNow, nextFlowNamed, disease, originLost } = situation;
  const isUnsafe = disease === 'suspected' || originLost;
  const steps: CleanUpStep[] = [{ task: 'bees-off', cautions: [] }];
  if (isUnsafe) steps.push({ task: 'wet-not-yet', cautions: ['foulbrood', 'mildew'] });
  else if (flowNow) steps.push({ task: 'stored-dry', cautions: ['blend', 'mildew'] });
  else {
    steps.push({ task: 'wet-home', cautions: ['foulbrood', 'robbing'] });
    if (disease === 'none-known') {
      steps.push({ task: 'wet-over-cover', cautions: ['robbing', 'neighbours'] });
    }
  }
  if (nextFlowNamed) steps.push({ task: 'boxes-cleaned', cautions: ['blend'] });
  steps.push({ task: 'cappings', cautions: [] }, { task: 'tools-dry', cautions: [] });
  return steps;
}
