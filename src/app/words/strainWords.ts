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
import { lineWords } from './english/line';

export const OCCASION_NAMES: Readonly<Record<HeatOccasion, string>> = {
  drying: lineWords.drying(),
  warming: lineWords.warming(),
  liquefying: lineWords.liquefying(),
  storage: lineWords.storage(),
  transport: lineWords.onTheWay(),
};

export const STAGE_NAMES: Readonly<Record<MassStage, string>> = {
  'in-comb': lineWords.inTheCombs(),
  'in-wet-combs': lineWords.leftInWetCombs(),
  'with-cappings': lineWords.withTheCappings(),
  drip: lineWords.dripFromCappings(),
  'on-walls': lineWords.onWallsAndTools(),
  'off-mesh': lineWords.scrapedOffMeshes(),
  skimmed: lineWords.skimmedOff(),
  'in-containers': lineWords.inContainers(),
};

export const TOOL_NAMES: Readonly<Record<ToolKind, string>> = {
  'hot-knife': lineWords.hotKnife(),
  'cold-knife': lineWords.coldKnife(),
  'bread-knife': lineWords.breadKnife(),
  fork: lineWords.fork(),
  roller: lineWords.roller(),
  machine: lineWords.machine(),
};

export const toolName = ({ name, kind }: NamedTool): string => name || TOOL_NAMES[kind];

export const FACE_NAMES: Readonly<Record<CombFace, string>> = {
  sunken: lineWords.sunken(),
  flush: lineWords.flushWithTheWood(),
  proud: lineWords.proudOfTheWood(),
};

/** What holds a day up. */
export const STAGE_HOLDS: Readonly<Record<StageGain['stage'], string>> = {
  uncapping: lineWords.uncappingHoldsTheDayUp(),
  hands: lineWords.handsAreShort(),
  extractor: lineWords.theExtractorHoldsTheDay(),
  strainer: lineWords.theStrainerHoldsTheDay(),
  doors: lineWords.shutDoorsHoldTheDay(),
};

/** What it would bring to mend that, before the time gained. */
export const STAGE_MENDED: Readonly<Record<StageGain['stage'], string>> = {
  uncapping: lineWords.uncappedAQuarterFaster(),
  hands: lineWords.withHandsAQuarterFaster(),
  extractor: lineWords.spunAQuarterFaster(),
  strainer: lineWords.strainedAQuarterFaster(),
  doors: lineWords.withDoorsOpenAllDay(),
};

export const CHANGE_NAMES: Readonly<Record<LineChange, string>> = {
  helper: lineWords.oneMoreHelper(),
  tool: lineWords.oneMoreUncappingTool(),
  extractor: lineWords.oneMoreExtractor(),
  strainer: lineWords.oneMoreStrainer(),
  warmer: lineWords.honeyCWarmer(),
};

export const TICK_NAMES: Readonly<Record<Tick, string>> = {
  'load-out': lineWords.loadOut(),
  'pail-full': lineWords.pailFull(),
  scraped: lineWords.strainerScraped(),
};

export const MATTER_NAMES: Readonly<Record<MatterKind, string>> = {
  wax: lineWords.wax(),
  bubbles: lineWords.bubbles(),
  specks: lineWords.specks(),
};

export const KIT_NAMES: Readonly<Record<KitItem, { name: string; standIn: string }>> = {
  pails: { name: lineWords.pails(), standIn: lineWords.aTankOrFoodGrade() },
  'lids-of-pails': { name: lineWords.lidsOfPails(), standIn: lineWords.filmUnderABoardFor() },
  jars: { name: lineWords.jars(), standIn: lineWords.keepItInPailsAnd() },
  'lids-of-jars': { name: lineWords.lidsOfJars(), standIn: lineWords.noneUsedLidsLeakAnd() },
  labels: { name: lineWords.labels(), standIn: lineWords.printThemFromTheLot() },
  'coarse-mesh': { name: lineWords.coarseMesh(), standIn: lineWords.aKitchenSieveOverThe() },
  'fine-mesh': { name: lineWords.fineMesh(), standIn: lineWords.aNewNylonStockingOr() },
  'uncapping-tool': { name: lineWords.uncappingTool(), standIn: lineWords.aLongBreadKnifeOr() },
  cloths: { name: lineWords.coversAgainstBees(), standIn: lineWords.cleanWetSheets() },
};

/** A task of cleaning up: what, and why. */
export const CLEAN_UP_WORDS: Readonly<Record<CleanUpTask, { what: string; why: string }>> = {
  'bees-off': {
    what: lineWords.clearFramesAndBoxesOf(),
    why: lineWords.beesInsideCallOthersEach(),
  },
  'wet-home': {
    what: lineWords.giveWetCombsBackTo(),
    why: lineWords.whatStaysOnItsOwn(),
  },
  'wet-over-cover': {
    what: lineWords.setThemOverAnInner(),
    why: lineWords.overTheCoverBeesEmpty(),
  },
  'wet-not-yet': {
    what: lineWords.giveWetCombsToNo(),
    why: lineWords.sporesOfFoulbroodLiveIn(),
  },
  'boxes-cleaned': {
    what: lineWords.haveBoxesAndCombsLicked(),
    why: lineWords.whatIsLeftOfThe(),
  },
  cappings: {
    what: lineWords.letCappingsDripIntoA(),
    why: lineWords.dripGoesBackOnlyWith(),
  },
  'tools-dry': {
    what: lineWords.washWithColdWaterFirst(),
    why: lineWords.waterLeftOnATool(),
  },
  'stored-dry': {
    what: lineWords.doNotSetWetCombs(),
    why: lineWords.beesWouldFillThemAnd(),
  },
};
