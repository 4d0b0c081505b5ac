import { airLogSchema } from './airLog';
import { batchCheckSchema } from './batchCheck';
import { boxSchema } from './box';
import { colonySchema } from './colony';
import { colourSchema } from './colour';
import { combJudgementSchema } from './combJudgement';
import { containerSchema } from './container';
import { batchSchema } from './dryingBatch';
import { flowSchema } from './flow';
import { frameSchema } from './frame';
import { frameCheckSchema } from './frameCheck';
import { givenSchema } from './given';
import { guessSchema } from './guess';
import { harvestSchema } from './harvest';
import { instrumentSchema } from './instrument';
import { labReportSchema } from './labReport';
import { lotSchema } from './lot';
import { lotFramesSchema } from './lotFrames';
import { ownFormatSchema } from './ownFormat';
import { ownRuleSetSchema } from './ownRuleSet';
import { ownSchoolSchema } from './ownSchool';
import { photoSchema } from './photo';
import { proofSchema } from './proof';
import { readingSchema } from './reading';
import { rulingSchema } from './ruling';
import { samplingPlanSchema } from './samplingPlan';
import { sensesSchema } from './senses';
import { strokeSchema } from './stroke';
import { tallySchema } from './tally';
import { warmRoomSchema } from './warmRoom';
import { yardSchema } from './yard';
import { zeroCheckSchema } from './zeroCheck';
import { choreSchema } from './chore';
import { extractionSchema } from './extraction';
import { frameWeighingSchema } from './frameWeighing';
import { heatSpellSchema } from './heatSpell';
import { lineTickSchema } from './lineTick';
import { ownToolSchema } from './ownTool';
import { pourSchema } from './pour';
import { settlingSchema } from './settling';
import { stockSchema } from './stock';
import { weighingSchema } from './weighing';
import { circumstancesSchema } from './circumstances';
import { pieceSchema } from './piece';
import { storeMoveSchema } from './storeMove';
import { packingSchema } from './packing';
import { jarMoveSchema } from './jarMove';
import { callBackSchema } from './callBack';
import { blendSchema, blendTickSchema } from './blend';
import { labelDesignSchema } from './labelDesign';
import { seasonNoteSchema } from './seasonNote';
import { mergeChoiceSchema } from './mergeChoice';
import { z } from './zod';

/** Any stored revision, told apart by `kind`. */
export const recordSchema = z.discriminatedUnion('kind', [
  lotSchema,
  containerSchema,
  combJudgementSchema,
  readingSchema,
  rulingSchema,
  lotFramesSchema,
  yardSchema,
  colonySchema,
  boxSchema,
  frameSchema,
  frameCheckSchema,
  photoSchema,
  flowSchema,
  givenSchema,
  harvestSchema,
  strokeSchema,
  tallySchema,
  guessSchema,
  ownSchoolSchema,
  ownFormatSchema,
  instrumentSchema,
  zeroCheckSchema,
  samplingPlanSchema,
  colourSchema,
  sensesSchema,
  labReportSchema,
  proofSchema,
  warmRoomSchema,
  batchSchema,
  batchCheckSchema,
  airLogSchema,
  extractionSchema,
  lineTickSchema,
  pourSchema,
  frameWeighingSchema,
  choreSchema,
  ownToolSchema,
  stockSchema,
  settlingSchema,
  heatSpellSchema,
  weighingSchema,
  circumstancesSchema,
  pieceSchema,
  storeMoveSchema,
  packingSchema,
  jarMoveSchema,
  callBackSchema,
  blendSchema,
  blendTickSchema,
  labelDesignSchema,
  seasonNoteSchema,
  mergeChoiceSchema,
  ownRuleSetSchema,
]);
export type AnyRecord = z.infer<typeof recordSchema>;
export type RecordKind = AnyRecord['kind'];

/**
 * What a record of each kind belongs to: records of one owner are read together. `null`: itself.
 */
export const OWNER_KINDS = {
  lot: null,
  container: 'lot',
  'comb-judgement': 'lot',
  reading: 'lot',
  ruling: 'lot',
  'lot-frames': 'lot',
  yard: null,
  colony: null,
  box: null,
  frame: 'box',
  'frame-check': 'box',
  photo: 'frame',
  flow: null,
  given: null,
  harvest: null,
  stroke: 'harvest',
  tally: 'harvest',
  guess: 'harvest',
  school: null,
  format: null,
  instrument: null,
  'zero-check': 'instrument',
  'sampling-plan': 'lot',
  colour: 'lot',
  senses: 'lot',
  'lab-report': 'lot',
  proof: 'reading',
  'warm-room': null,
  batch: 'warm-room',
  'batch-check': 'batch',
  'air-log': 'warm-room',
  extraction: null,
  'line-tick': 'extraction',
  pour: 'extraction',
  'frame-weighing': 'extraction',
  chore: 'extraction',
  'uncapping-tool': null,
  stock: null,
  settling: 'lot',
  'heat-spell': 'lot',
  weighing: 'lot',
  circumstances: 'lot',
  piece: 'lot',
  'store-move': 'lot',
  packing: 'lot',
  'jar-move': 'lot',
  'call-back': 'lot',
  blend: null,
  'blend-tick': 'blend',
  'label-design': null,
  'season-note': null,
  'merge-choice': null,
  'rule-set': null,
} as const satisfies Record<RecordKind, RecordKind | null>;

export const RECORD_KINDS = Object.keys(OWNER_KINDS) as readonly RecordKind[];

/** Everything about a lot. */
export const LOT_KINDS = [
  'lot',
  'container',
  'comb-judgement',
  'reading',
  'ruling',
  'lot-frames',
  'sampling-plan',
  'colour',
  'senses',
  'lab-report',
  'settling',
  'heat-spell',
  'weighing',
  'circumstances',
  'piece',
  'store-move',
  'packing',
  'jar-move',
  'call-back',
] as const satisfies readonly RecordKind[];

/** What changes slowly and is small: places, hives, boxes, flows, what was given, days, own kinds, meters. */
export const BOOK_KINDS: readonly RecordKind[] = [
  'yard',
  'colony',
  'box',
  'flow',
  'given',
  'harvest',
  'school',
  'rule-set',
  'format',
  'instrument',
  'zero-check',
];

/** Everything about rooms in which combs dry. */
export const WARM_ROOM_KINDS: readonly RecordKind[] = [
  'warm-room',
  'batch',
  'batch-check',
  'air-log',
];

/** Everything about days at the extraction line, with tools and stock. */
export const EXTRACTION_KINDS: readonly RecordKind[] = [
  'extraction',
  'line-tick',
  'pour',
  'frame-weighing',
  'chore',
  'uncapping-tool',
  'stock',
];

/** Blends with what was poured. */
export const BLEND_KINDS: readonly RecordKind[] = ['blend', 'blend-tick'];

/** The revision type of a kind. */
export type RecordOf<K extends RecordKind> = Extract<AnyRecord, { kind: K }>;

/** The content type of a kind. */
export type ContentOf<K extends RecordKind> = RecordOf<K>['content'];

/** A revision of a lot or of what belongs to it. */
export type LotRecord = RecordOf<(typeof LOT_KINDS)[number]>;

export function isLotRecord(record: AnyRecord): record is LotRecord {
  return (LOT_KINDS as readonly RecordKind[]).includes(record.kind);
}
