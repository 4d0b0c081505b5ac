import { airLogKind } from './airLog';
import { batchCheckKind } from './batchCheck';
import { boxKind } from './box';
import { colonyKind } from './colony';
import { colourKind } from './colour';
import { combJudgementKind } from './combJudgement';
import { containerKind } from './container';
import { batchKind } from './dryingBatch';
import { flowKind } from './flow';
import { frameKind } from './frame';
import { frameCheckKind } from './frameCheck';
import { givenKind } from './given';
import { guessKind } from './guess';
import { harvestKind } from './harvest';
import { instrumentKind } from './instrument';
import { labReportKind } from './labReport';
import { lotKind } from './lot';
import { lotFramesKind } from './lotFrames';
import { ownFormatKind } from './ownFormat';
import { ownRuleSetKind } from './ownRuleSet';
import { ownSchoolKind } from './ownSchool';
import { photoKind } from './photo';
import { proofKind } from './proof';
import { readingKind } from './reading';
import { rulingKind } from './ruling';
import { samplingPlanKind } from './samplingPlan';
import { sensesKind } from './senses';
import { strokeKind } from './stroke';
import { tallyKind } from './tally';
import { warmRoomKind } from './warmRoom';
import { yardKind } from './yard';
import { zeroCheckKind } from './zeroCheck';
import { choreKind } from './chore';
import { extractionKind } from './extraction';
import { frameWeighingKind } from './frameWeighing';
import { heatSpellKind } from './heatSpell';
import { lineTickKind } from './lineTick';
import { ownToolKind } from './ownTool';
import { pourKind } from './pour';
import { settlingKind } from './settling';
import { stockKind } from './stock';
import { weighingKind } from './weighing';
import { circumstancesKind } from './circumstances';
import { pieceKind } from './piece';
import { storeMoveKind } from './storeMove';
import { packingKind } from './packing';
import { jarMoveKind } from './jarMove';
import { callBackKind } from './callBack';
import { blendKind, blendTickKind } from './blend';
import { labelDesignKind } from './labelDesign';
import { seasonNoteKind } from './seasonNote';
import { mergeChoiceKind } from './mergeChoice';

/** Every kind of record there is. Tables, owners, references, names and the union derive from here. */
export const KINDS = [
  lotKind,
  containerKind,
  combJudgementKind,
  readingKind,
  rulingKind,
  lotFramesKind,
  yardKind,
  colonyKind,
  boxKind,
  frameKind,
  frameCheckKind,
  photoKind,
  flowKind,
  givenKind,
  harvestKind,
  strokeKind,
  tallyKind,
  guessKind,
  ownSchoolKind,
  ownFormatKind,
  instrumentKind,
  zeroCheckKind,
  samplingPlanKind,
  colourKind,
  sensesKind,
  labReportKind,
  proofKind,
  warmRoomKind,
  batchKind,
  batchCheckKind,
  airLogKind,
  extractionKind,
  lineTickKind,
  pourKind,
  frameWeighingKind,
  choreKind,
  ownToolKind,
  stockKind,
  settlingKind,
  heatSpellKind,
  weighingKind,
  circumstancesKind,
  pieceKind,
  storeMoveKind,
  packingKind,
  jarMoveKind,
  callBackKind,
  blendKind,
  blendTickKind,
  labelDesignKind,
  seasonNoteKind,
  mergeChoiceKind,
  ownRuleSetKind,
] as const;
