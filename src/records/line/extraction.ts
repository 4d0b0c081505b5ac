import {
  COMB_FACES,
  HEAD_RANGE_CM,
  HONEY_KINDS,
  MESH_AREA_RANGE_DM2,
  OPENING_RANGE_UM,
  TOOL_KINDS,
  WET_COMB_WAYS,
  wireRangeUm,
} from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, remarkField, textField, wholeBetween, wrong } from '../fields';
import { dayField, momentField } from '../moments';
import { z } from '../zod';

/** Minutes after midnight of the day; may run on into the night. */
export const clockField = between(0, 2880);

const personSchema = z.object({
  name: textField(20),
  /** by that of the times typed [1] */
  speed: between(0.2, 3),
  /** when they come, and when they leave; null or not there: at the start, and when all is done */
  fromMin: clockField.nullable().optional(),
  toMin: clockField.nullable().optional(),
});

const toolSchema = z.object({
  kind: z.enum(TOOL_KINDS),
  secondsPerFrame: between(1, 3600),
  lossShare: between(0, 0.5),
  /** of this tool */
  count: wholeBetween(1, 50),
  /** opened frames that may wait */
  rackFrames: wholeBetween(1, 5000),
});

const extractorSchema = z.object({
  count: wholeBetween(1, 20),
  framesPerLoad: wholeBetween(1, 500),
  spinMinutes: between(0.1, 240),
  /** whether frames are turned for the second side */
  turned: z.boolean(),
  handleMinutes: between(0, 240),
  turnMinutes: between(0, 240),
  byHand: z.boolean(),
  leftShare: between(0, 0.5),
  wallsKg: between(0, 100),
  sumpKg: between(1, 100_000),
});

export const meshSchema = z
  .object({
    openingUm: between(...OPENING_RANGE_UM),
    wireUm: between(...wireRangeUm(OPENING_RANGE_UM[1])),
    areaDm2: between(...MESH_AREA_RANGE_DM2),
    headCm: between(...HEAD_RANGE_CM),
  })
  .superRefine(({ openingUm, wireUm }, context) => {
    const [thinnest, thickest] = wireRangeUm(openingUm);
    if (wireUm >= thinnest && wireUm <= thickest) return;
    const message = wrong('wireThickness', openingUm, thinnest, thickest);
    context.addIssue({ code: 'custom', path: ['wireUm'], message });
  });

const strainerSchema = z.object({
  count: wholeBetween(1, 50),
  meshes: z.array(meshSchema).min(1, 'meshMissing').max(4, wrong('tooMany', 4)),
  scrapeAtShare: between(0.05, 0.95),
  scrapeMinutes: between(0, 240),
  scrapeLossKg: between(0, 5),
});

const breakSchema = z.object({
  fromMin: clockField,
  minutes: between(1, 600),
});

const beesSchema = z.object({
  /** doors stay shut while bees fly; null where combs may be carried in all day */
  shutFromMin: clockField.nullable(),
  shutToMin: clockField.nullable(),
  /** boxes that are inside when work begins; null: all */
  boxesInside: wholeBetween(0, 5000).nullable(),
  carryMinutes: between(0, 120),
  /** wet boxes go out from then on; null: not on this day */
  wetOutFromMin: clockField.nullable(),
  wetOutMinutes: between(0, 120),
});

export const DISEASE_STATES = ['none-known', 'suspected', 'unknown'] as const;

const cleanUpSchema = z.object({
  flowNow: z.boolean(),
  nextFlowNamed: z.boolean(),
  disease: z.enum(DISEASE_STATES),
  originLost: z.boolean(),
  /** what becomes of wet combs; left out: they go home */
  way: z.enum(WET_COMB_WAYS).optional(),
});

/** What a day at home takes besides the honey. */
const aroundSchema = z.object({
  /** to set up, before the first comb is opened [min] */
  setUpMin: between(0, 600),
  /** to wash up once the honey is in the pails [min] */
  washUpMin: between(0, 600),
  /** of the time that children, the door and the telephone take [1] */
  interruptedShare: between(0, 0.7),
});

export const extractionContentSchema = z
  .object({
    name: nameField(),
    day: dayField,
    startMin: clockField,
    /** when everybody goes home; null or not there: when it is done */
    endMin: clockField.nullable().optional(),
    /** whose honey it is, once there is a lot */
    lotId: idSchema.nullable(),
    frames: wholeBetween(0, 20_000),
    /** of those, small ones that hang two in a place; none where not there */
    smallFrames: wholeBetween(0, 20_000).optional(),
    framesPerBox: wholeBetween(1, 40),
    honeyKgPerFrame: between(0.01, 10),
    face: z.enum(COMB_FACES),
    newComb: z.boolean(),
    honeyKind: z.enum(HONEY_KINDS),
    temperatureC: between(5, 45),
    moisturePercent: between(13, 25),
    people: z.array(personSchema).min(1, 'peopleMissing').max(20, wrong('tooMany', 20)),
    tool: toolSchema,
    extractor: extractorSchema,
    strainer: strainerSchema,
    pail: z.object({
      kg: between(0.1, 2000),
      changeMinutes: between(0, 240),
      have: wholeBetween(0, 10_000),
    }),
    breaks: z.array(breakSchema).max(10, wrong('tooMany', 10)),
    bees: beesSchema,
    cleanUp: cleanUpSchema,
    /** what a day takes besides: nothing where not there */
    around: aroundSchema.optional(),
    /** null until work has begun, and until it is over */
    startedAt: momentField.nullable(),
    doneAt: momentField.nullable(),
    remark: remarkField,
  })
  .superRefine((content, context) => {
    const { tool, extractor, honeyKgPerFrame, bees, people, startMin } = content;
    const fail = (path: string[], message: string): void =>
      context.addIssue({ code: 'custom', path, message });
    if ((content.smallFrames ?? 0) > content.frames) fail(['smallFrames'], 'moreThanFrames');
    if (tool.rackFrames < extractor.framesPerLoad) {
      fail(['tool', 'rackFrames'], 'rackTooSmall');
    }
    if (extractor.sumpKg < extractor.framesPerLoad * honeyKgPerFrame) {
      fail(['extractor', 'sumpKg'], 'sumpTooSmall');
    }
    const leaves = people.map(({ toMin = null }) => toMin);
    if (leaves.length > 0 && leaves.every((toMin) => toMin !== null))
      fail(['people'], 'nobodyStays');
    if (people.some(({ fromMin, toMin }) => (toMin ?? Infinity) <= (fromMin ?? startMin))) {
      fail(['people'], 'leavesBeforeComing');
    }
    if ((bees.shutFromMin === null) !== (bees.shutToMin === null)) {
      fail(['bees', 'shutToMin'], 'oneTimeOnly');
    } else if (bees.shutFromMin !== null && bees.shutFromMin >= (bees.shutToMin ?? 0)) {
      fail(['bees', 'shutToMin'], 'doorsUpsideDown');
    }
  });
export type ExtractionContent = z.infer<typeof extractionContentSchema>;

export const extractionKind = recordKind({
  kind: 'extraction',
  table: 'extractions',
  since: 4,
  owner: null,
  part: 'extraction',
  content: extractionContentSchema,
  refers: (content) => [{ path: 'lotId', id: content.lotId, kind: 'lot' }],
  chain: ({ content }) => ({ anchors: [content.lotId], follows: [] }),
});
export type Extraction = RevisionOf<typeof extractionKind>;
