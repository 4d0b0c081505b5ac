import { OPENING_RANGE_UM, usualWireUm, type HoneyKind } from '../../../core';
import { USUAL_DAY } from '../../../model';
import {
  extractionContentSchema,
  type ExtractionContent,
  type Preferences,
} from '../../../records';
import type { Codec, FormOf, ValuesOf } from '../../entry/codec';
import {
  asIs,
  choice,
  clock,
  day,
  number,
  oneOf,
  optional,
  percent,
  quantity,
  words,
  yesNo,
} from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import { FACE_NAMES } from '../../words/strainWords';
import { breaks, people } from './lineTexts';

const KIND_NAMES: Readonly<Record<HoneyKind, string>> = {
  ordinary: 'Honey that flows',
  heather: 'Ling (heather), a gel',
};

const minutes = (label: string) => number(label, { unit: 'min', digits: 1 });
const count = (label: string, hint?: string) =>
  number(label, { digits: 0, ...(hint === undefined ? {} : { hint }) });

type Mesh = ExtractionContent['strainer']['meshes'][number];

const meshFields = (label: string, hint: string) => ({
  openingUm: number(label, { unit: 'µm', digits: 1, ...(hint === '' ? {} : { hint }) }),
  areaDm2: number('its area', { unit: 'dm²', digits: 1 }),
  headCm: number('honey over it', { unit: 'cm', digits: 1 }),
});

const meshes = {
  coarse: group(meshFields('Coarse mesh', 'Empty: none')),
  fine: group(meshFields('Fine mesh', '')),
};
const bothMeshes = group(meshes);

function withWire(mesh: ValuesOf<typeof meshes.fine.fields>): Mesh {
  const [finest, widest] = OPENING_RANGE_UM;
  const isMesh = mesh.openingUm >= finest && mesh.openingUm <= widest;
  return { ...mesh, wireUm: isMesh ? usualWireUm(mesh.openingUm) : NaN };
}

/** One mesh or two, the coarser first; the record may hold more, of which first and last are shown. */
const meshesOf: Codec<readonly Mesh[], FormOf<typeof meshes>> & { fields: typeof meshes } = {
  ...bothMeshes,
  fill: (value, preferences) => {
    const fine = value[value.length - 1];
    const coarse = value.length > 1 ? value[0] : undefined;
    return {
      coarse: coarse ? meshes.coarse.fill(coarse, preferences) : meshes.coarse.empty,
      fine: fine ? meshes.fine.fill(fine, preferences) : meshes.fine.empty,
    };
  },
  read: (typed, at) => {
    const fine = withWire(meshes.fine.read(typed.fine, at.at('fine')));
    if (typed.coarse.openingUm.trim() === '') return [fine];
    const coarse = withWire(meshes.coarse.read(typed.coarse, at.at('coarse')));
    if (coarse.openingUm <= fine.openingUm) {
      at.at('coarse.openingUm').fail('The first mesh is the coarser one; leave it empty for none.');
    }
    return [coarse, fine];
  },
};

export const dayEntry = entryOf(extractionContentSchema, {
  name: words('Name', { hint: 'Such as “borage, first extraction”' }),
  day: day('Day'),
  startMin: clock('Begins at'),
  lotId: optional(
    oneOf('Honey of the lot', '', {
      hint: 'Brings its frames and their honey; pails can be written down for it afterwards',
    }),
  ),
  frames: count('Frames'),
  framesPerBox: count('Frames in a box'),
  honeyKgPerFrame: quantity('mass', 'Honey in a frame'),
  face: choice('The comb is', FACE_NAMES),
  newComb: yesNo('Built this year'),
  honeyKind: choice('Honey', KIND_NAMES),
  temperatureC: quantity('temperature', 'Honey at the strainer'),
  moisturePercent: number('Its water', { unit: '%' }),
  people,
  tool: group({
    kind: oneOf<ExtractionContent['tool']['kind']>('Opened with', 'fork'),
    secondsPerFrame: number('A frame takes', { unit: 's', digits: 0 }),
    lossShare: percent('Goes with the wax', { digits: 1 }),
    count: count('Tools', 'So many can uncap at once'),
    rackFrames: number('May wait opened', { unit: 'frames', digits: 0 }),
  }),
  extractor: group({
    count: count('Extractors'),
    framesPerLoad: number('Takes', { unit: 'frames', digits: 0 }),
    spinMinutes: minutes('Spins'),
    turned: yesNo('Frames are turned for the second side'),
    handleMinutes: minutes('Filling and emptying'),
    turnMinutes: minutes('Turning'),
    byHand: yesNo('Driven', { names: { no: 'By a motor', yes: 'By hand' } }),
    leftShare: percent('Stays in the comb', { digits: 1 }),
    wallsKg: quantity('mass', 'Stays on walls'),
    sumpKg: quantity('mass', 'May wait for the strainer', {
      hint: 'Room under the basket and in the tank before the strainer',
    }),
  }),
  strainer: group({
    count: count('Strainers'),
    meshes: meshesOf,
    scrapeAtShare: percent('Scraped when it runs at', {
      digits: 1,
      hint: 'Of what the clean mesh lets through',
    }),
    scrapeMinutes: minutes('Scraping takes'),
    scrapeLossKg: asIs(USUAL_DAY.strainer.scrapeLossKg),
  }),
  pail: group({
    kg: quantity('mass', 'A pail holds'),
    changeMinutes: minutes('Changing one'),
    have: count('Pails there are'),
  }),
  breaks,
  bees: group({
    shutFromMin: optional(clock('Doors shut from', { hint: 'Empty: never' })),
    shutToMin: optional(clock('to')),
    boxesInside: optional(count('Boxes inside at the start', 'Empty: all of them')),
    carryMinutes: minutes('Carrying a box in'),
    wetOutFromMin: optional(clock('Wet boxes out from', { hint: 'Empty: not on this day' })),
    wetOutMinutes: minutes('each takes'),
  }),
  remark: words('Remark'),
});
export type DayForm = FormOf<typeof dayEntry.fields>;

/** The day that the form says, or what is wrong in which field. */
export const readDayForm = (
  form: DayForm,
  preferences: Preferences,
  former: ExtractionContent | null = null,
): Parsed<ExtractionContent> =>
  dayEntry.read(form, preferences, {
    rest: {
      cleanUp: former?.cleanUp ?? USUAL_DAY.cleanUp,
      startedAt: former?.startedAt ?? null,
      doneAt: former?.doneAt ?? null,
    },
    place: (path, { strainer }) =>
      path.replace(/meshes\.(\d)/, (_, at) =>
        Number(at) === strainer.meshes.length - 1 ? 'meshes.fine' : 'meshes.coarse',
      ),
  });
