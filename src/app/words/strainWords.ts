import type {
  CleanUpTask,
  CombFace,
  KitItem,
  LineChange,
  MassStage,
  MatterKind,
  StageGain,
  ToolKind,
} from '../../core';
import type { NamedTool } from '../../model';
import type { HeatOccasion, Tick } from '../../records';

export const OCCASION_NAMES: Readonly<Record<HeatOccasion, string>> = {
  drying: 'Drying',
  warming: 'Warming',
  liquefying: 'Liquefying',
  storage: 'Storage',
  transport: 'On the way',
};

export const STAGE_NAMES: Readonly<Record<MassStage, string>> = {
  'in-comb': 'in the combs',
  'in-wet-combs': 'left in wet combs',
  'with-cappings': 'with the cappings',
  drip: 'drip from cappings',
  'on-walls': 'on walls and tools',
  'off-mesh': 'scraped off meshes',
  skimmed: 'skimmed off',
  'in-containers': 'in containers',
};

export const TOOL_NAMES: Readonly<Record<ToolKind, string>> = {
  'hot-knife': 'Hot knife',
  'cold-knife': 'Cold knife',
  'bread-knife': 'Bread knife',
  fork: 'Fork',
  roller: 'Roller',
  machine: 'Machine',
};

export const toolName = ({ name, kind }: NamedTool): string => name || TOOL_NAMES[kind];

export const FACE_NAMES: Readonly<Record<CombFace, string>> = {
  sunken: 'Sunken',
  flush: 'Flush with the wood',
  proud: 'Proud of the wood',
};

/** What holds a day up. */
export const STAGE_HOLDS: Readonly<Record<StageGain['stage'], string>> = {
  uncapping: 'Uncapping holds the day up.',
  hands: 'Hands are short.',
  extractor: 'The extractor holds the day up.',
  strainer: 'The strainer holds the day up.',
  doors: 'Shut doors hold the day up.',
};

/** What it would bring to mend that, before the time gained. */
export const STAGE_MENDED: Readonly<Record<StageGain['stage'], string>> = {
  uncapping: 'Uncapped a quarter faster',
  hands: 'With hands a quarter faster',
  extractor: 'Spun a quarter faster',
  strainer: 'Strained a quarter faster',
  doors: 'With doors open all day',
};

export const CHANGE_NAMES: Readonly<Record<LineChange, string>> = {
  helper: 'One more helper',
  tool: 'One more uncapping tool',
  extractor: 'One more extractor',
  strainer: 'One more strainer',
  warmer: 'Honey 5 °C warmer',
};

export const TICK_NAMES: Readonly<Record<Tick, string>> = {
  'load-out': 'Load out',
  'pail-full': 'Pail full',
  scraped: 'Strainer scraped',
};

export const MATTER_NAMES: Readonly<Record<MatterKind, string>> = {
  wax: 'wax',
  bubbles: 'bubbles',
  specks: 'specks',
};

export const KIT_NAMES: Readonly<Record<KitItem, { name: string; standIn: string }>> = {
  pails: { name: 'Pails', standIn: 'a tank, or food-grade tubs with tight lids' },
  'lids-of-pails': { name: 'Lids of pails', standIn: 'film under a board for a day, never longer' },
  jars: { name: 'Jars', standIn: 'keep it in pails and fill later' },
  'lids-of-jars': { name: 'Lids of jars', standIn: 'none: used lids leak and rust' },
  labels: { name: 'Labels', standIn: 'print them from the lot' },
  'coarse-mesh': { name: 'Coarse mesh', standIn: 'a kitchen sieve over the pail' },
  'fine-mesh': { name: 'Fine mesh', standIn: 'a new nylon stocking or straining cloth, boiled' },
  'uncapping-tool': { name: 'Uncapping tool', standIn: 'a long bread knife, or a fork' },
  cloths: { name: 'Covers against bees', standIn: 'clean wet sheets' },
};

/** A task of cleaning up: what, and why. */
export const CLEAN_UP_WORDS: Readonly<Record<CleanUpTask, { what: string; why: string }>> = {
  'bees-off': {
    what: 'Clear frames and boxes of the last bees before the door',
    why: 'Bees inside call others; each one that finds honey brings more.',
  },
  'wet-home': {
    what: 'Give wet combs back to the colony they came from',
    why: 'What stays on its own combs came from it; combs of another colony may carry disease.',
  },
  'wet-over-cover': {
    what: 'Set them over an inner cover, after dusk, and only while there is no flow',
    why: 'Over the cover bees empty them; under it, or in a flow, they fill them again.',
  },
  'wet-not-yet': {
    what: 'Give wet combs to no colony; keep them closed until the disease is ruled out',
    why: 'Spores of foulbrood live in honey for decades. Ask the bee inspector first.',
  },
  'boxes-cleaned': {
    what: 'Have boxes and combs licked dry and cleaned before the next flow',
    why: 'What is left of the last flow goes into the next, and its name on the label would be wrong.',
  },
  cappings: {
    what: 'Let cappings drip into a container of their own, then melt them',
    why: 'Drip goes back only with its own reading; honey from melted cappings never, it was too hot.',
  },
  'tools-dry': {
    what: 'Wash with cold water first, then let everything dry for a day',
    why: 'Water left on a tool goes into the next honey, and yeast with it.',
  },
  'stored-dry': {
    what: 'Do not set wet combs out while there is a flow; stack them closed and cool, for days only',
    why: 'Bees would fill them and blend two flows; combs that are stored wet mildew and ferment.',
  },
};
