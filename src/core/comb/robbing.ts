/** Where robbers have come. */
export const ROBBED_PLACES = ['hives', 'house'] as const;
export type RobbedPlace = (typeof ROBBED_PLACES)[number];

/** Who robs. */
export const ROBBERS = ['bees', 'wasps'] as const;
export type Robber = (typeof ROBBERS)[number];

/** What is done once bees or wasps have found honey, in its order. */
export const ROBBING_STEPS = [
  'close-hives',
  'cover',
  'carry-in',
  'shut-doors',
  'wet-sacks',
  'narrow-entrances',
  'dark-house',
  'wash-spills',
  'wait-dark',
  'go-on-tomorrow',
] as const;
export type RobbingStep = (typeof ROBBING_STEPS)[number];

const AT_HIVES: Readonly<Record<Robber, readonly RobbingStep[]>> = {
  bees: ['close-hives', 'cover', 'wet-sacks', 'narrow-entrances', 'wash-spills', 'go-on-tomorrow'],
  wasps: ['close-hives', 'cover', 'narrow-entrances', 'wash-spills', 'go-on-tomorrow'],
};

const AT_HOUSE: readonly RobbingStep[] = [
  'carry-in',
  'shut-doors',
  'dark-house',
  'wash-spills',
  'wait-dark',
  'go-on-tomorrow',
];

/**
 * What to do now that bees or wasps have found honey: first what stops them from getting more, then what
 * sends them home, then when to go on.
 *
 * @source common practice, no source
 */
export function robbingSteps(place: RobbedPlace, robber: Robber): readonly RobbingStep[] {
  return place === 'house' ? AT_HOUSE : AT_HIVES[robber];
}
