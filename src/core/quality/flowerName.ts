import type { ColourClassId } from './pfund';

/** What a honey of one flower is usually like; data, not code. */
export interface FlowerKind {
  readonly id: string;
  readonly name: string;
  /** words in a lot's plant by which it is recognised */
  readonly words: readonly string[];
  /** least share of its pollen [%]; null where pollen says little, as few grains reach the honey */
  readonly leastPollenPercent: number | null;
  /** usual electrical conductivity [mS/cm] */
  readonly conductivityMsPerCm: readonly [number, number];
  readonly colours: readonly ColourClassId[];
}

/** Share of pollen from which a flower is called predominant [%]. @source Louveaux, Maurizio & Vorwohl (1978), recalled from memory */
const PREDOMINANT_PERCENT = 45;

/**
 * Usual figures of single-flower honeys.
 *
 * @source after Persano Oddo & Piro (2004), ranges doubtful from memory; rows without published
 * figures are common practice, no source. A laboratory for pollen decides.
 */
export const FLOWER_KINDS: readonly FlowerKind[] = [
  {
    id: 'rape',
    name: 'oilseed rape',
    words: ['rape', 'canola'],
    leastPollenPercent: 60,
    conductivityMsPerCm: [0.08, 0.28],
    colours: ['white', 'extra-white', 'extra-light-amber'],
  },
  {
    id: 'robinia',
    name: 'robinia',
    words: ['robinia', 'acacia'],
    leastPollenPercent: 15,
    conductivityMsPerCm: [0.09, 0.25],
    colours: ['water-white', 'extra-white', 'white'],
  },
  {
    id: 'ling',
    name: 'ling heather',
    words: ['ling', 'calluna', 'heather'],
    leastPollenPercent: 10,
    conductivityMsPerCm: [0.4, 1.1],
    colours: ['light-amber', 'amber', 'dark-amber'],
  },
  {
    id: 'lime',
    name: 'lime',
    words: ['lime', 'linden', 'tilia'],
    leastPollenPercent: 10,
    conductivityMsPerCm: [0.3, 0.9],
    colours: ['white', 'extra-light-amber', 'light-amber'],
  },
  {
    id: 'chestnut',
    name: 'sweet chestnut',
    words: ['chestnut'],
    leastPollenPercent: 85,
    conductivityMsPerCm: [0.9, 2.1],
    colours: ['light-amber', 'amber', 'dark-amber'],
  },
  {
    id: 'sunflower',
    name: 'sunflower',
    words: ['sunflower'],
    leastPollenPercent: 40,
    conductivityMsPerCm: [0.25, 0.7],
    colours: ['extra-light-amber', 'light-amber'],
  },
  {
    id: 'borage',
    name: 'borage',
    words: ['borage'],
    leastPollenPercent: null,
    conductivityMsPerCm: [0.1, 0.4],
    colours: ['water-white', 'extra-white', 'white'],
  },
  {
    id: 'field-bean',
    name: 'field beans',
    words: ['bean'],
    leastPollenPercent: PREDOMINANT_PERCENT,
    conductivityMsPerCm: [0.1, 0.5],
    colours: ['white', 'extra-light-amber', 'light-amber'],
  },
  {
    id: 'sea-lavender',
    name: 'sea lavender',
    words: ['sea lavender', 'limonium'],
    leastPollenPercent: null,
    conductivityMsPerCm: [0.2, 0.7],
    colours: ['white', 'extra-light-amber', 'light-amber'],
  },
];

/** What is expected of a flower that has no row of its own. */
const ANY_FLOWER: Omit<FlowerKind, 'id' | 'name' | 'words'> = {
  leastPollenPercent: PREDOMINANT_PERCENT,
  conductivityMsPerCm: [0.05, 0.8],
  colours: [],
};

/** The kind that a lot's plant names, or null for one without a row. */
export function flowerKind(plant: string): FlowerKind | null {
  const words = plant.toLowerCase();
  return FLOWER_KINDS.find((kind) => kind.words.some((word) => words.includes(word))) ?? null;
}

/** What is known of a lot that bears on its flower's name. */
export interface FlowerEvidence {
  readonly plant: string;
  /** share of that flower's pollen [%], null where not counted */
  readonly pollenPercent: number | null;
  readonly conductivityMsPerCm: number | null;
  /** colour class in glass, null where not read */
  readonly colour: ColourClassId | null;
  /** whether those who tasted it found it typical, null where nobody said */
  readonly tastesTypical: boolean | null;
}

export type Support = 'supports' | 'against' | 'not-known';

/** What pollen, conductivity and senses say of a flower's name, each by itself and together. */
export interface FlowerSupport {
  readonly kind: FlowerKind | null;
  readonly pollen: Support;
  readonly conductivity: Support;
  readonly senses: Support;
  readonly verdict: 'supported' | 'open' | 'not-supported';
}

/** Where few of a flower's grains reach the honey, finding any at all is what can be asked. */
function pollenSupport(evidence: FlowerEvidence, least: number | null): Support {
  const { pollenPercent } = evidence;
  if (pollenPercent === null) return 'not-known';
  const enough = least === null ? pollenPercent > 0 : pollenPercent >= least;
  return enough ? 'supports' : 'against';
}

function conductivitySupport(
  value: number | null,
  [low, high]: readonly [number, number],
): Support {
  if (value === null) return 'not-known';
  return value >= low && value <= high ? 'supports' : 'against';
}

function sensesSupport(evidence: FlowerEvidence, colours: readonly ColourClassId[]): Support {
  const { colour, tastesTypical } = evidence;
  const offColour = colour !== null && colours.length > 0 && !colours.includes(colour);
  if (offColour || tastesTypical === false) return 'against';
  return tastesTypical ? 'supports' : 'not-known';
}

function verdictOf(parts: readonly Support[]): FlowerSupport['verdict'] {
  if (parts.includes('against')) return 'not-supported';
  return parts.includes('not-known') ? 'open' : 'supported';
}

/**
 * Whether a flower's name on the label is supported: pollen, conductivity and senses together, none
 * of them alone.
 *
 * @param evidence - of the lot
 * @source principle of melissopalynology; figures as in `FLOWER_KINDS`; a laboratory decides
 */
export function flowerSupport(evidence: FlowerEvidence): FlowerSupport {
  const kind = flowerKind(evidence.plant);
  const { leastPollenPercent, conductivityMsPerCm, colours } = kind ?? ANY_FLOWER;
  const pollen = pollenSupport(evidence, leastPollenPercent);
  const conductivity = conductivitySupport(evidence.conductivityMsPerCm, conductivityMsPerCm);
  const senses = sensesSupport(evidence, colours);
  return { kind, pollen, conductivity, senses, verdict: verdictOf([pollen, conductivity, senses]) };
}
