import {
  LONGEST_MIN,
  atPace,
  calibratedStrainer,
  expectedPace,
  extractorPlaces,
  flatMapAlone,
  freshState,
  isTellingMark,
  lineUnderWay,
  minutesInCycle,
  openGateCycle,
  pourOutlook,
  seenPace,
  strainerCycle,
  type Calibrated,
  type ExpectedPace,
  type Line,
  type LineTicks,
  type LineUnderWay,
  type PastDay,
  type PourOutlook,
  type StrainedHoney,
  type Strainer,
  type StrainingMark,
  foundOnce,
} from '../../core';
import type { ExtractionContent, PourContent, Tick } from '../../records';
import { momentOfWall, wallMs } from '../days';
import type { ExtractionFile } from './extractionFile';

const MINUTE_MS = 60_000;
const DAY_MIN = 1440;

/** Heather runs through an open gate once it was loosened or pressed [kg/min]. @source our choice, no source */
const LOOSENED_KG_PER_MIN = 1;

/** All combs are inside. */
const ALL_INSIDE = 1e6;

/** Midnight of a day on the wall [ms]; minutes of the line count from there. */
const wallMidnight = (day: string): number => Date.parse(`${day}T00:00:00.000Z`);

/** When the clock on the wall stands at some minutes after midnight of a day [ms]. */
export const momentOfClock = (day: string, minutes: number): number =>
  momentOfWall(wallMidnight(day) + minutes * MINUTE_MS);

/** A moment on the clock of the wall [min after midnight], no farther off than a month. */
export function clockMin(day: string, moment: string | number): number {
  const ms = typeof moment === 'number' ? moment : Date.parse(moment);
  const minutes = (wallMs(ms) - wallMidnight(day)) / MINUTE_MS;
  return Math.min(LONGEST_MIN, Math.max(-LONGEST_MIN, minutes));
}

export function strainedHoney({ temperatureC, moisturePercent }: ExtractionContent): StrainedHoney {
  return { temperatureC, moisturePercent };
}

/** How strainers of the house ran and clogged against what is calculated [1]. */
type StrainerHabit = Pick<Strainer, 'flowFactor' | 'clogFactor'>;

const NO_HABIT: StrainerHabit = { flowFactor: 1, clogFactor: 1 };

/** The strainer as it is described, before any pail was looked at. */
export function plainStrainer(
  { strainer }: ExtractionContent,
  habit: StrainerHabit = NO_HABIT,
): Strainer {
  const { meshes, scrapeAtShare } = strainer;
  return { meshes, ...habit, scrapeAtShare };
}

/** Kilograms that had gone through a clean mesh, by the pails that were looked at. */
export function strainingMarks({ pours }: Pick<ExtractionFile, 'pours'>): StrainingMark[] {
  return pours
    .filter((pour) => pour.content.meshClean)
    .flatMap(({ content }) =>
      content.marks.map(({ at, kg }) => ({
        minutes: (Date.parse(at) - Date.parse(content.openedAt)) / MINUTE_MS,
        kg: kg - content.startKg,
      })),
    )
    .filter(isTellingMark);
}

/** The strainer as its first pails show it; null where none was looked at, or for heather. */
export function calibrationOf(
  file: ExtractionFile,
  habit: StrainerHabit = NO_HABIT,
): Calibrated | null {
  const { content } = file.extraction;
  const marks = strainingMarks(file);
  if (marks.length === 0 || content.honeyKind === 'heather') return null;
  return calibratedStrainer(plainStrainer(content, habit), strainedHoney(content), marks);
}

/** The line of a day as the core takes it; `honey` otherwise than it is where something is asked. */
export function lineOf(
  content: ExtractionContent,
  calibrated: Calibrated | null,
  honey: StrainedHoney = strainedHoney(content),
): Line {
  const { tool, extractor, strainer, pail, bees } = content;
  const { turned, ...machine } = extractor;
  const { frames, smallFrames = 0 } = content;
  const places = extractorPlaces(frames, smallFrames);
  const honeyKg = (frames - smallFrames / 2) * content.honeyKgPerFrame;
  const interrupted = content.around?.interruptedShare ?? 0;
  const cycle =
    content.honeyKind === 'heather'
      ? openGateCycle(LOOSENED_KG_PER_MIN)
      : strainerCycle(calibrated?.strainer ?? plainStrainer(content), honey);
  return {
    startMin: content.startMin,
    frames: places,
    framesPerBox: content.framesPerBox,
    honeyKgPerFrame: places > 0 ? honeyKg / places : content.honeyKgPerFrame,
    speeds: content.people.map((item) => item.speed * (1 - interrupted)),
    hours: content.people.map(({ fromMin = null, toMin = null }) =>
      fromMin === null && toMin === null ? null : { fromMin: fromMin ?? content.startMin, toMin },
    ),
    uncapping: {
      places: tool.count,
      secondsPerFrame: tool.secondsPerFrame,
      lossShare: tool.lossShare,
      rackFrames: tool.rackFrames,
    },
    extractor: { ...machine, sides: turned ? 2 : 1 },
    strainer: {
      count: strainer.count,
      cycle,
      scrapeMinutes: strainer.scrapeMinutes,
      scrapeLossKg: Math.min(strainer.scrapeLossKg, cycle.kg / 4),
    },
    pail: { kg: pail.kg, changeMinutes: pail.changeMinutes },
    breaks: content.breaks.map(({ fromMin, minutes }) => ({ fromMin, toMin: fromMin + minutes })),
    bees: {
      shutFromMin: bees.shutFromMin ?? 0,
      shutToMin: bees.shutToMin ?? 0,
      framesInside:
        bees.boxesInside === null ? ALL_INSIDE : bees.boxesInside * content.framesPerBox,
      carryMinutes: bees.carryMinutes,
      wetOutFromMin: bees.wetOutFromMin,
      wetOutMinutes: bees.wetOutMinutes,
    },
  };
}

/** What was ticked off, on the clock of the line. */
export function ticksOf({ extraction, ticks }: ExtractionFile): LineTicks {
  const of = (what: Tick): number[] =>
    ticks
      .filter((tick) => tick.content.what === what)
      .map((tick) => clockMin(extraction.content.day, tick.content.at));
  return {
    loadsOutMin: of('load-out'),
    pailsFullMin: of('pail-full'),
    scrapesMin: of('scraped'),
  };
}

/** A day as it stands: before it began, under way, or over. */
export interface DayNow {
  readonly phase: 'planned' | 'under-way' | 'done';
  readonly content: ExtractionContent;
  readonly calibrated: Calibrated | null;
  /** the strainer by its own pails, else by earlier days; null where neither showed any */
  readonly described: Calibrated | null;
  /** what own days before it taught */
  readonly habit: LineHabit;
  /** the line as planned */
  readonly planned: Line;
  /** the line from now on, at its real pace */
  readonly from: LineUnderWay;
}

/** A strainer that no pail was looked at yet, as those before it ran; null where none taught. */
function plainCalibration(
  content: ExtractionContent,
  { strainer, doubt }: LineHabit,
): Calibrated | null {
  if (content.honeyKind === 'heather') return null;
  if (strainer.flowFactor === 1 && strainer.clogFactor === 1) return null;
  return { strainer: plainStrainer(content, strainer), flowSpread: doubt.straining };
}

/** What days of the house before this one taught: its pace, and how its strainers run and clog. */
export interface LineHabit extends ExpectedPace {
  readonly strainer: StrainerHabit;
}

/** Mean of some factors, drawn towards 1 by one more that says so. */
const usualFactor = (factors: readonly number[]): number =>
  Math.exp(factors.reduce((sum, factor) => sum + Math.log(factor), 0) / (factors.length + 1));

/** What one day that is over taught. */
interface Taught {
  readonly calibrated: Calibrated | null;
  readonly pace: PastDay | null;
}

/** When the honey of a day was done; null where it was ended on a later day, when somebody thought of it. */
function finishedMin({ day, doneAt }: ExtractionContent): number | null {
  const minutes = doneAt === null ? null : clockMin(day, doneAt);
  return minutes !== null && minutes < DAY_MIN ? minutes : null;
}

/** A day that is over never changes, and every later day asks what it taught. */
const taughtBy = foundOnce((file: ExtractionFile): Taught => {
  const { content } = file.extraction;
  const calibrated = calibrationOf(file);
  const startMin = content.startedAt === null ? null : clockMin(content.day, content.startedAt);
  const line = lineOf(content, calibrated);
  const pace =
    startMin === null ? null : seenPace({ ...line, startMin }, ticksOf(file), finishedMin(content));
  return { calibrated, pace };
});

/** What days that are over taught about one that comes after them. */
export function lineHabit(file: ExtractionFile, days: readonly ExtractionFile[]): LineHabit {
  const { day } = file.extraction.content;
  const past = days.filter(({ extraction }) => {
    const { content, entityId } = extraction;
    return content.doneAt !== null && content.day < day && entityId !== file.extraction.entityId;
  });
  const taught = flatMapAlone(past, (extractionFile) => [taughtBy(extractionFile)]);
  const strainers = taught.flatMap(({ calibrated }) => calibrated?.strainer ?? []);
  return {
    ...expectedPace(taught.flatMap(({ pace }) => pace ?? [])),
    strainer: {
      flowFactor: usualFactor(strainers.map((strainer) => strainer.flowFactor)),
      clogFactor: usualFactor(strainers.map((strainer) => strainer.clogFactor)),
    },
  };
}

/**
 * The day as it stands at a moment.
 *
 * @param days - all days of the house: those that are over before this one teach its pace
 */
export function dayNow(
  file: ExtractionFile,
  nowMs: number,
  days: readonly ExtractionFile[] = [],
): DayNow {
  const { content } = file.extraction;
  const habit = lineHabit(file, days);
  const calibrated = calibrationOf(file, habit.strainer);
  const described = calibrated ?? plainCalibration(content, habit);
  const base = atPace(
    lineOf(content, described),
    habit.pace.hands,
    calibrated ? 1 : habit.pace.straining,
  );
  const straining = calibrated?.flowSpread ?? habit.doubt.straining;
  if (content.startedAt === null || content.doneAt !== null) {
    const phase = content.doneAt === null ? 'planned' : 'done';
    const doubt = { ...habit.doubt, straining };
    const pace = { hands: 1, straining: 1 };
    const from = { state: freshState(base), line: base, doubt, pace };
    return { phase, content, calibrated, described, habit, planned: base, from };
  }
  const started = { ...base, startMin: clockMin(content.day, content.startedAt) };
  const ticks = ticksOf(file);
  const { loadsOutMin, pailsFullMin, scrapesMin } = ticks;
  const latest = Math.max(started.startMin, ...loadsOutMin, ...pailsFullMin, ...scrapesMin);
  const nowMin = Math.max(latest, clockMin(content.day, nowMs));
  const from = lineUnderWay(started, ticks, nowMin, habit.doubt);
  const doubt = { ...from.doubt, straining: Math.min(straining, from.doubt.straining) };
  return {
    phase: 'under-way',
    content,
    calibrated,
    described,
    habit,
    planned: started,
    from: { ...from, doubt },
  };
}

/** Flow that the strainer is expected to have over the next pail [kg/min]. */
export function expectedFlow({ from }: DayNow): number {
  const { state, line } = from;
  const { cycle } = line.strainer;
  const kg = Math.min(line.pail.kg, cycle.kg - state.passedKg);
  const before = minutesInCycle(cycle, state.passedKg);
  const minutes = minutesInCycle(cycle, state.passedKg + kg) - before;
  return minutes > 0 ? kg / minutes : cycle.cleanKgPerMin;
}

/** A pail under an open gate, on the clock of the world. */
export interface PourNow extends PourOutlook {
  /** when it is full [ms] */
  readonly fullMs: number;
  /** in it now, if it went on so [kg] */
  readonly kgNow: number;
}

/** When a pail is full, and how much is in it now. */
export function pourNow(content: PourContent, nowMs: number): PourNow {
  const { openedAt, startKg, marks, fullKg, expectedKgPerMin } = content;
  const openedMs = Date.parse(openedAt);
  const points = [{ at: openedAt, kg: startKg }, ...marks].map(({ at, kg }) => ({
    minutes: (Date.parse(at) - openedMs) / MINUTE_MS,
    kg,
  }));
  const outlook = pourOutlook(points, fullKg, expectedKgPerMin);
  const last = points[points.length - 1]!;
  const since = Math.max(0, (nowMs - openedMs) / MINUTE_MS - last.minutes);
  return {
    ...outlook,
    fullMs: openedMs + outlook.fullMinutes * MINUTE_MS,
    kgNow: Math.min(fullKg, last.kg + since * outlook.kgPerMin),
  };
}
