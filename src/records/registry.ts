import { airLogKind } from './room/airLog';
import { batchCheckKind } from './room/batchCheck';
import { boxKind } from './hives/box';
import { colonyKind } from './hives/colony';
import { colourKind } from './bench/colour';
import { combJudgementKind } from './lots/combJudgement';
import { containerKind } from './lots/container';
import { batchKind } from './room/dryingBatch';
import { flowKind } from './hives/flow';
import { frameKind } from './hives/frame';
import { frameCheckKind } from './hives/frameCheck';
import { givenKind } from './hives/given';
import { guessKind } from './hives/guess';
import { harvestKind } from './hives/harvest';
import { instrumentKind } from './bench/instrument';
import { labReportKind } from './bench/labReport';
import { lotKind } from './lots/lot';
import { lotFramesKind } from './lots/lotFrames';
import { ownFormatKind } from './hives/ownFormat';
import { ownRuleSetKind } from './hives/ownRuleSet';
import { ownSchoolKind } from './hives/ownSchool';
import { photoKind } from './hives/photo';
import { proofKind } from './bench/proof';
import { readingKind } from './bench/reading';
import { rulingKind } from './lots/ruling';
import { samplingPlanKind } from './bench/samplingPlan';
import { sensesKind } from './bench/senses';
import { surveyKind } from './hives/survey';
import { tallyKind } from './hives/tally';
import { warmRoomKind } from './room/warmRoom';
import { yardKind } from './hives/yard';
import { zeroCheckKind } from './bench/zeroCheck';
import { choreKind } from './line/chore';
import { extractionKind } from './line/extraction';
import { frameWeighingKind } from './line/frameWeighing';
import { heatSpellKind } from './lots/heatSpell';
import { lineTickKind } from './line/lineTick';
import { ownToolKind } from './line/ownTool';
import { pourKind } from './line/pour';
import { signatureKind } from './lots/signature';
import { settlingKind } from './lots/settling';
import { stockKind } from './line/stock';
import { weighingKind } from './lots/weighing';
import { circumstancesKind } from './lots/circumstances';
import { pieceKind } from './lots/piece';
import { storeMoveKind } from './store/storeMove';
import { packingKind } from './store/packing';
import { jarMoveKind } from './store/jarMove';
import { callBackKind } from './store/callBack';
import { blendKind, blendTickKind } from './store/blend';
import { labelDesignKind } from './store/labelDesign';
import { seasonNoteKind } from './hives/seasonNote';
import { seasonPlanKind } from './hives/seasonPlan';
import { weatherKind } from './hives/weather';
import { occasionKind } from './store/occasion';
import { jarCheckKind } from './store/jarCheck';
import { waxKind } from './line/wax';
import { hiveWeightKind } from './hives/hiveWeight';
import { leavingActKind } from './hives/leavingAct';
import { houseLogKind } from './line/houseLog';
import { practiceLookKind } from './practice/practiceLook';
import { cellLessonKind } from './practice/cellLesson';
import { mergeChoiceKind } from './lots/mergeChoice';

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
  surveyKind,
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
  signatureKind,
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
  seasonPlanKind,
  weatherKind,
  occasionKind,
  jarCheckKind,
  waxKind,
  houseLogKind,
  practiceLookKind,
  cellLessonKind,
  hiveWeightKind,
  leavingActKind,
  mergeChoiceKind,
  ownRuleSetKind,
] as const;
