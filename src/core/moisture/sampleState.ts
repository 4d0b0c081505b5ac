/**
 * What the honey on the prism looked like. Crystals scatter the light and leave the liquid between
 * them wetter than the honey; cloudy honey blurs the line; heather is a gel until it is stirred.
 *
 * @source common practice, no source
 */
export const SAMPLE_STATES = [
  'clear',
  'cloudy',
  'crystals',
  'liquefied',
  'gel',
  'gel-stirred',
] as const;
export type SampleState = (typeof SAMPLE_STATES)[number];

/**
 * Where in the vessel it was taken; at the gate runs the bottom layer; 'not-said' where nobody wrote it
 * down.
 */
export const SPOTS = ['stirred', 'top', 'middle', 'bottom', 'gate', 'not-said'] as const;
export type Spot = (typeof SPOTS)[number];

/** Spread of readings in one vessel from which layers are likely [% moisture]. @source common practice, no source */
export const LAYERING_SPREAD_PERCENT = 0.5;

/** Half width of what a blurred or gelled line may be off by [% moisture]. @source common practice, no source */
export const SAMPLE_HALF_WIDTH_PERCENT: Readonly<Record<SampleState, number>> = {
  clear: 0,
  cloudy: 0.3,
  crystals: 1,
  liquefied: 0,
  gel: 0.5,
  'gel-stirred': 0.2,
};
