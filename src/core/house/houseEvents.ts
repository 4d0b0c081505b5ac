/** What is written into the log of a honey house. */
export const HOUSE_EVENTS = [
  'cleaned',
  'water',
  'hands',
  'pests',
  'combs',
  'glass',
  'repair',
  'other',
] as const;
export type HouseEvent = (typeof HOUSE_EVENTS)[number];

/** After so many days each is due again; null for what has no round of its own [d]. @source common practice, no source; local rules decide */
export const EVENT_EVERY_DAYS: Readonly<Record<HouseEvent, number | null>> = {
  cleaned: null,
  water: 365,
  hands: null,
  pests: 30,
  combs: 30,
  glass: null,
  repair: null,
  other: null,
};
