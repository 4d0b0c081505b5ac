import {
  COMB_FACES,
  HEAD_RANGE_CM,
  HONEY_KINDS,
  MESH_AREA_RANGE_DM2,
  OPENING_RANGE_UM,
  TOOL_KINDS,
  wireRangeUm,
} from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, remarkField } from '../fields';
import { dayField, momentField } from '../moments';
import { z } from '../zod';

const CLOCK = 'Type a time such as 9:00.';

/** Minutes after midnight of the day; may run on into the night. */
export const clockField = between(0, 2880, CLOCK);

const FRAMES = 'Type how many frames, 0 to 20,000.';
const PEOPLE = 'One to twenty people.';
const WHOLE = 'Type a whole number.';

const personSchema = z.object({
  name: z.string().trim().max(20, 'Keep the name under 20 letters.'),
  /** by that of the times typed [1] */
  speed: between(0.2, 3, 'A pace is 20 to 300 %.'),
});

const toolSchema = z.object({
  kind: z.enum(TOOL_KINDS),
  secondsPerFrame: between(1, 3600, 'Opening a frame takes 1 second to an hour.'),
  lossShare: between(0, 0.5, 'Between 0 and 50 % of the honey goes with the wax.'),
  /** of this tool */
  count: between(1, 50, 'One to fifty tools.').int(WHOLE),
  /** opened frames that may wait */
  rackFrames: between(1, 5000, 'Between 1 and 5,000 frames may wait.').int(WHOLE),
});

const extractorSchema = z.object({
  count: between(1, 20, 'One to twenty extractors.').int(WHOLE),
  framesPerLoad: between(1, 500, 'An extractor takes 1 to 500 frames.').int(WHOLE),
  spinMinutes: between(0.1, 240, 'Spinning takes 0.1 to 240 minutes.'),
  /** whether frames are turned for the second side */
  turned: z.boolean(),
  handleMinutes: between(0, 240, 'Filling and emptying take up to 240 minutes.'),
  turnMinutes: between(0, 240, 'Turning takes up to 240 minutes.'),
  byHand: z.boolean(),
  leftShare: between(0, 0.5, 'Between 0 and 50 % stays in the comb.'),
  wallsKg: between(0, 100, 'Between 0 and 100 kg stay on walls.'),
  sumpKg: between(1, 100_000, 'Type how much honey may wait before the strainer.'),
});

export const meshSchema = z
  .object({
    openingUm: between(...OPENING_RANGE_UM, 'Openings of meshes are 20 to 5,000 µm.'),
    wireUm: between(...wireRangeUm(OPENING_RANGE_UM[1]), 'Type how thick the wire is, in µm.'),
    areaDm2: between(...MESH_AREA_RANGE_DM2, 'A mesh has 0.1 to 500 dm².'),
    headCm: between(...HEAD_RANGE_CM, 'Honey stands 0.5 to 200 cm over a mesh.'),
  })
  .superRefine(({ openingUm, wireUm }, context) => {
    const [thinnest, thickest] = wireRangeUm(openingUm);
    if (wireUm >= thinnest && wireUm <= thickest) return;
    const message = `The wire of a mesh with openings of ${openingUm} µm is ${thinnest} to ${thickest} µm thick.`;
    context.addIssue({ code: 'custom', path: ['wireUm'], message });
  });

const strainerSchema = z.object({
  count: between(1, 50, 'One to fifty strainers.').int(WHOLE),
  meshes: z.array(meshSchema).min(1, 'A strainer has a mesh.').max(4, 'At most four meshes.'),
  scrapeAtShare: between(0.05, 0.95, 'Scrape it at 5 to 95 % of its clean flow.'),
  scrapeMinutes: between(0, 240, 'Scraping takes up to 240 minutes.'),
  scrapeLossKg: between(0, 5, 'Between 0 and 5 kg go with what is scraped off.'),
});

const breakSchema = z.object({
  fromMin: clockField,
  minutes: between(1, 600, 'A break lasts 1 to 600 minutes.'),
});

const beesSchema = z.object({
  /** doors stay shut while bees fly; null where combs may be carried in all day */
  shutFromMin: clockField.nullable(),
  shutToMin: clockField.nullable(),
  /** boxes that are inside when work begins; null: all */
  boxesInside: between(0, 5000, 'Between 0 and 5,000 boxes.').int(WHOLE).nullable(),
  carryMinutes: between(0, 120, 'Carrying a box in takes up to 120 minutes.'),
  /** wet boxes go out from then on; null: not on this day */
  wetOutFromMin: clockField.nullable(),
  wetOutMinutes: between(0, 120, 'Carrying a box out takes up to 120 minutes.'),
});

export const DISEASE_STATES = ['none-known', 'suspected', 'unknown'] as const;

const cleanUpSchema = z.object({
  flowNow: z.boolean(),
  nextFlowNamed: z.boolean(),
  disease: z.enum(DISEASE_STATES),
  originLost: z.boolean(),
});

export const extractionContentSchema = z
  .object({
    name: nameField('the day'),
    day: dayField,
    startMin: clockField,
    /** whose honey it is, once there is a lot */
    lotId: idSchema.nullable(),
    frames: between(0, 20_000, FRAMES).int(FRAMES),
    framesPerBox: between(1, 40, 'A box has 1 to 40 frames.').int(WHOLE),
    honeyKgPerFrame: between(0.01, 10, 'A frame holds 0.01 to 10 kg of honey.'),
    face: z.enum(COMB_FACES),
    newComb: z.boolean(),
    honeyKind: z.enum(HONEY_KINDS),
    temperatureC: between(5, 45, 'Honey at the strainer has 5 to 45 °C.'),
    moisturePercent: between(13, 25, 'Honey that is strained has 13 to 25 % water.'),
    people: z.array(personSchema).min(1, PEOPLE).max(20, PEOPLE),
    tool: toolSchema,
    extractor: extractorSchema,
    strainer: strainerSchema,
    pail: z.object({
      kg: between(0.1, 2000, 'A pail takes 0.1 to 2,000 kg.'),
      changeMinutes: between(0, 240, 'Changing a pail takes up to 240 minutes.'),
      have: between(0, 10_000, 'Type how many pails there are.').int(WHOLE),
    }),
    breaks: z.array(breakSchema).max(10, 'At most ten breaks.'),
    bees: beesSchema,
    cleanUp: cleanUpSchema,
    /** null until work has begun, and until it is over */
    startedAt: momentField.nullable(),
    doneAt: momentField.nullable(),
    remark: remarkField,
  })
  .superRefine(({ tool, extractor, honeyKgPerFrame, bees }, context) => {
    const say = (path: string[], message: string): void =>
      context.addIssue({ code: 'custom', path, message });
    if (tool.rackFrames < extractor.framesPerLoad) {
      say(['tool', 'rackFrames'], 'At least a whole load must have room to wait.');
    }
    if (extractor.sumpKg < extractor.framesPerLoad * honeyKgPerFrame) {
      say(['extractor', 'sumpKg'], 'At least the honey of one load must have room.');
    }
    if ((bees.shutFromMin === null) !== (bees.shutToMin === null)) {
      say(['bees', 'shutToMin'], 'Type both times, or neither.');
    } else if (bees.shutFromMin !== null && bees.shutFromMin >= (bees.shutToMin ?? 0)) {
      say(['bees', 'shutToMin'], 'Doors open after they are shut.');
    }
  });
export type ExtractionContent = z.infer<typeof extractionContentSchema>;

export const extractionKind = recordKind({
  kind: 'extraction',
  name: 'Days at the line',
  table: 'extractions',
  since: 4,
  owner: null,
  part: 'extraction',
  content: extractionContentSchema,
  refers: (content) => [{ path: 'lotId', id: content.lotId, kind: 'lot' }],
  chain: ({ content }) => ({ anchors: [content.lotId], follows: [] }),
});
export type Extraction = RevisionOf<typeof extractionKind>;
