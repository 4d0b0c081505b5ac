import { freshState } from '../extraction/lineState';
import { LINE_DOUBT, doneBand, lineDraw, type LineDoubt } from '../extraction/replicateLine';
import { sampleLine } from './extractionLine';

/** Days that really go otherwise than planned. */
export interface LineWorld {
  readonly name: string;
  /** times as long as planned that the strainer takes; null: drawn from what is believed */
  readonly strainer: number | null;
  readonly doubt: LineDoubt;
}

/** The line with a strainer that takes so many times as long. */
function slower(times: number) {
  const line = sampleLine();
  const { cycle } = line.strainer;
  return {
    ...line,
    strainer: {
      ...line.strainer,
      cycle: {
        ...cycle,
        cleanKgPerMin: cycle.cleanKgPerMin / times,
        minutes: cycle.minutes.map((minute) => minute * times),
      },
    },
  };
}

/** Share of the days whose end lies within the 90 % band given before they began. */
export function dayCoverage(world: LineWorld, days: number, draws: number): number {
  const line = sampleLine();
  const state = freshState(line);
  const band = doneBand(
    Array.from({ length: draws }, (_, at) => lineDraw({ line, state, doubt: world.doubt }, at)),
    'doneMin',
  );
  const really = world.strainer === null ? line : slower(world.strainer);
  // What is not wrong varies from day to day as believed.
  const varies = world.strainer === null ? world.doubt : { ...world.doubt, straining: 0.1 };
  let held = 0;
  for (let day = 0; day < days; day += 1) {
    const task = { line: really, state: freshState(really), doubt: varies };
    const { doneMin } = lineDraw(task, 500_000 + day);
    if (doneMin >= band.early && doneMin <= band.late) held += 1;
  }
  return held / days;
}

export const LINE_ROWS: readonly { world: LineWorld; wanted: readonly [number, number] }[] = [
  { world: { name: 'as assumed', strainer: null, doubt: LINE_DOUBT }, wanted: [87, 93] },
  {
    world: { name: 'strainer twice as slow', strainer: 2, doubt: LINE_DOUBT },
    wanted: [80, 100],
  },
  {
    world: { name: 'strainer twice as fast', strainer: 0.5, doubt: LINE_DOUBT },
    wanted: [80, 100],
  },
];
