import {
  WAX_SOFTENS_C,
  afterSettling,
  settlingCourse,
  spunKgPerFrame,
  strainerCycle,
  strainingAdvice,
  strainingCurve,
  timeOfTask,
  type Calibrated,
  type StrainingAdvice,
  type StrainingTask,
} from '../../../core';
import {
  calibrationOf,
  lineOf,
  plainStrainer,
  strainedHoney,
  type ExtractionFile,
} from '../../../model';
import type { StrainingLine } from './parts/StrainingChart';
import { lineWords } from '../../words/english/line';

/** A night in a tank before the fine mesh: so long, so high [h, cm]. */
const NIGHT_HOURS = 12;
const TANK_CM = 30;

/** Straining of a day by itself, as if all honey waited at the strainer. */
export interface AskedStrainer {
  readonly task: StrainingTask;
  readonly minutes: number;
  readonly scrapes: number;
  readonly kgPerScrape: number;
  readonly cleanKgPerHour: number;
  readonly calibrated: Calibrated | null;
  readonly advice: readonly StrainingAdvice[];
  /** share of the wax that a night in a tank would bring up [1] */
  readonly nightShare: number;
  readonly lines: readonly StrainingLine[];
}

/** What a night in a tank brings up of the wax that a coarse mesh lets through. */
function waxAfterNight({ honey, strainer }: StrainingTask): number {
  const { temperatureC, moisturePercent } = honey;
  const vessel = {
    heightCm: TANK_CM,
    moisturePercent,
    startC: temperatureC,
    roomC: temperatureC,
    lagHours: 0,
  };
  const strainedUm = strainer.meshes.length > 1 ? strainer.meshes[0]!.openingUm : Infinity;
  const [morning] = settlingCourse({ vessel, strainedUm }, [NIGHT_HOURS]);
  return Math.min(0.95, morning!.matter.wax.share);
}

/** The strainer of a day: how long it takes, and what would make it faster. */
export function askedStrainer(file: ExtractionFile): AskedStrainer {
  const { content } = file.extraction;
  const calibrated = calibrationOf(file);
  const line = lineOf(content, calibrated);
  const { count, scrapeMinutes } = content.strainer;
  const task: StrainingTask = {
    strainer: calibrated?.strainer ?? plainStrainer(content),
    honey: strainedHoney(content),
    kg: (line.frames * spunKgPerFrame(line)) / count,
    scrapeMinutes,
  };
  const cycle = strainerCycle(task.strainer, task.honey);
  const nightShare = waxAfterNight(task);
  const curveOf = (name: string, changed: StrainingTask): StrainingLine => ({
    name,
    points: strainingCurve(
      strainerCycle(changed.strainer, changed.honey),
      changed.kg,
      changed.scrapeMinutes,
    ).map((strainedPoint) => ({ ...strainedPoint, kg: strainedPoint.kg * count })),
  });
  const warmC = Math.min(WAX_SOFTENS_C, task.honey.temperatureC + 5);
  return {
    task,
    ...timeOfTask(task),
    kgPerScrape: cycle.kg,
    cleanKgPerHour: 60 * cycle.cleanKgPerMin,
    calibrated,
    advice: strainingAdvice(task, nightShare),
    nightShare,
    lines: [
      curveOf(lineWords.asItIs(), task),
      ...(warmC > task.honey.temperatureC
        ? [curveOf(lineWords.cWarmer(), { ...task, honey: { ...task.honey, temperatureC: warmC } })]
        : []),
      curveOf(lineWords.afterANightInA(), {
        ...task,
        strainer: afterSettling(task.strainer, nightShare),
      }),
    ],
  };
}
