/** Net weights of jars [g]. */
export const JAR_RANGE_G: readonly [number, number] = [5, 20_000];

/** What lowers a jar at a show before it is tasted, in the order in which a jar is looked at. @source common practice, no source; shows differ */
export const JAR_FAULTS = [
  'sticky-outside',
  'finger-marks',
  'lid-marked',
  'honey-under-lid',
  'gap-under-lid',
  'specks',
  'cloudy',
  'first-crystals',
  'bloom',
  'foam-ring',
  'bubbles',
] as const;
export type JarFault = (typeof JAR_FAULTS)[number];
