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
  transport: lineWords.inTransport(),
};

export const STAGE_NAMES: Readonly<Record<MassStage, string>> = {
  'in-comb': lineWords.inTheCombs(),
  'in-wet-combs': lineWords.leftInWetCombs(),
  'with-cappings': lineWords.withTheCappings(),
  drip: lineWords.drainedFromCappings(),
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
  flush: lineWords.flushWithTheFrame(),
  proud: lineWords.proudOfTheFrame(),
};

/** What holds a day up. */
export const STAGE_HOLDS: Readonly<Record<StageGain['stage'], string>> = {
  uncapping: lineWords.uncappingDelaysTheDay(),
  hands: lineWords.thereAreTooFewHands(),
  extractor: lineWords.theExtractorDelaysTheDay(),
  strainer: lineWords.theStrainerDelaysTheDay(),
  doors: lineWords.keepingTheDoorsShutDelays(),
};

/** What it would bring to mend that, before the time gained. */
export const STAGE_MENDED: Readonly<Record<StageGain['stage'], string>> = {
  uncapping: lineWords.uncappingAQuarterFaster(),
  hands: lineWords.everyoneAQuarterFaster(),
  extractor: lineWords.spinningAQuarterFaster(),
  strainer: lineWords.strainingAQuarterFaster(),
  doors: lineWords.doorsOpenAllDay(),
};

export const CHANGE_NAMES: Readonly<Record<LineChange, string>> = {
  helper: lineWords.oneMoreHelper(),
  tool: lineWords.oneMoreUncappingTool(),
  extractor: lineWords.oneMoreExtractor(),
  strainer: lineWords.oneMoreStrainer(),
  get warmer() {
    return lineWords.honeyCWarmer();
  },
};

export const TICK_NAMES: Readonly<Record<Tick, string>> = {
  'load-out': lineWords.loadSpun(),
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
  'lids-of-jars': { name: lineWords.lidsOfJars(), standIn: lineWords.nothingUsedLidsLeakAnd() },
  labels: { name: lineWords.labels(), standIn: lineWords.printThemFromTheLot() },
  'coarse-mesh': { name: lineWords.coarseMesh(), standIn: lineWords.aKitchenSieveOverThe() },
  'fine-mesh': { name: lineWords.fineMesh(), standIn: lineWords.aNewNylonStockingOr() },
  'uncapping-tool': { name: lineWords.uncappingTool(), standIn: lineWords.aLongBreadKnifeOr() },
  cloths: { name: lineWords.coversAgainstBees(), standIn: lineWords.cleanWetSheets() },
};

/** A task of cleaning up: what, and why. */
export const CLEAN_UP_WORDS: Readonly<Record<CleanUpTask, { what: string; why: string }>> = {
  'bees-off': {
    what: lineWords.clearTheLastBeesOff(),
    why: lineWords.everyBeeThatFindsHoney(),
  },
  'wet-home': {
    what: lineWords.giveWetCombsBackTo(),
    why: lineWords.anotherColonysCombsMayCarry(),
  },
  'wet-over-cover': {
    what: lineWords.putThemAboveAnInner(),
    why: lineWords.aboveTheCoverBeesEmpty(),
  },
  'wet-not-yet': {
    what: lineWords.giveWetCombsToNo(),
    why: lineWords.sporesOfFoulbroodLiveIn(),
  },
  'boxes-cleaned': {
    what: lineWords.haveBoxesAndCombsCleaned(),
    why: lineWords.honeyLeftFromTheLast(),
  },
  cappings: {
    what: lineWords.letCappingsDrainIntoTheir(),
    why: lineWords.drainedHoneyGoesBackOnly(),
  },
  'tools-dry': {
    what: lineWords.washWithColdWaterFirst(),
    why: lineWords.waterLeftOnATool(),
  },
  'stored-dry': {
    what: lineWords.duringAFlowDoNot(),
    why: lineWords.beesWouldRefillThemAnd(),
  },
  'robbed-out': {
    what: lineWords.letBeesRobThemOut(),
    why: lineWords.farFromTheDoorAnd(),
  },
  washed: {
    what: lineWords.washThemOutside(),
    why: lineWords.waxBlocksAHouseDrain(),
  },
  'stored-wet': {
    what: lineWords.storeThemWetAndClosed(),
    why: lineWords.lookAtThemEveryMonth(),
  },
};
