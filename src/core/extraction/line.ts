import { DomainError, requireInRange, requireFinite, requireWhole } from '../errors';
import type { StrainerCycle } from '../flow/strainer';

/** Where combs are opened. */
export interface UncappingStage {
  /** how many can uncap at a time, each with a tool */
  readonly places: number;
  readonly secondsPerFrame: number;
  /** of the honey in a frame, that goes with the cappings [1] */
  readonly lossShare: number;
  /** opened frames that may wait for the extractor */
  readonly rackFrames: number;
}

export interface ExtractorStage {
  readonly count: number;
  readonly framesPerLoad: number;
  /** of each side that is spun [min] */
  readonly spinMinutes: number;
  /** 1 where both sides empty at once, 2 where frames are turned */
  readonly sides: 1 | 2;
  /** to put frames in and to take them out, together [min] */
  readonly handleMinutes: number;
  /** to turn the frames of a load [min] */
  readonly turnMinutes: number;
  /** true: a person turns the handle all the while */
  readonly byHand: boolean;
  /** of the honey in a frame, that stays in the wet comb [1] */
  readonly leftShare: number;
  /** that stays on walls of extractor and tank [kg] */
  readonly wallsKg: number;
  /** honey that may wait between extractor and strainer [kg] */
  readonly sumpKg: number;
}

export interface StrainerStage {
  readonly count: number;
  readonly cycle: StrainerCycle;
  readonly scrapeMinutes: number;
  /** honey that goes with what is scraped off [kg each time] */
  readonly scrapeLossKg: number;
}

export interface PailStage {
  /** honey in a full one [kg] */
  readonly kg: number;
  /** to put an empty one under the gate [min] */
  readonly changeMinutes: number;
}

/** A time in which nobody begins anything and the gates are shut [min after midnight]. */
export interface LineBreak {
  readonly fromMin: number;
  readonly toMin: number;
}

/** When a person who is not there all day may begin something [min after midnight]. */
export interface PersonHours {
  readonly fromMin: number;
  /** null: until all is done */
  readonly toMin: number | null;
}

/** Hours in which bees fly, and how boxes go in and out around them. */
export interface BeesHours {
  /** no box is carried in while doors are shut [min after midnight] */
  readonly shutFromMin: number;
  readonly shutToMin: number;
  /** frames that stand inside when work begins */
  readonly framesInside: number;
  /** to carry a box in [min] */
  readonly carryMinutes: number;
  /** wet boxes go out from then on [min after midnight]; null: not on this day */
  readonly wetOutFromMin: number | null;
  /** for each wet box [min] */
  readonly wetOutMinutes: number;
}

/** An extraction line and what is to go through it. */
export interface Line {
  /** [min after midnight] */
  readonly startMin: number;
  readonly frames: number;
  readonly framesPerBox: number;
  readonly honeyKgPerFrame: number;
  /** of each person, by that of the rates [1] */
  readonly speeds: readonly number[];
  /** when each is there, in the order of the speeds; null or not there: from the start to the end */
  readonly hours?: readonly (PersonHours | null)[];
  readonly uncapping: UncappingStage;
  readonly extractor: ExtractorStage;
  readonly strainer: StrainerStage;
  readonly pail: PailStage;
  readonly breaks: readonly LineBreak[];
  readonly bees: BeesHours;
}

/** A day is computed so far from its midnight, either way [min]: a month. */
export const LONGEST_MIN = 43_200;

/** Of a person, by that of the rates [1]. */
export const SPEED_RANGE: readonly [number, number] = [0.05, 10];

/** A numeric field of a line with what it may be. */
type Check = readonly [
  value: number,
  param: string,
  limits: readonly [number, number],
  unit: string,
];

/**
 * Checks that a line can work at all.
 *
 * @throws DomainError `out-of-range` with the field, `empty` without people or where none of them stays
 */
export function requireLine(line: Line): void {
  const { uncapping, extractor, strainer, pail, bees } = line;
  const checks: Check[] = [
    [line.startMin, 'startMin', [-LONGEST_MIN, LONGEST_MIN], 'min'],
    [line.frames, 'frames', [0, 20_000], '1'],
    [line.framesPerBox, 'framesPerBox', [1, 40], '1'],
    [line.honeyKgPerFrame, 'honeyKgPerFrame', [0.01, 10], 'kg'],
    [uncapping.places, 'uncapping.places', [1, 50], '1'],
    [uncapping.secondsPerFrame, 'uncapping.secondsPerFrame', [1, 3600], 's'],
    [uncapping.lossShare, 'uncapping.lossShare', [0, 0.5], '1'],
    [uncapping.rackFrames, 'uncapping.rackFrames', [extractor.framesPerLoad, 1e5], '1'],
    [extractor.count, 'extractor.count', [1, 20], '1'],
    [extractor.framesPerLoad, 'extractor.framesPerLoad', [1, 500], '1'],
    [extractor.spinMinutes, 'extractor.spinMinutes', [0.1, 240], 'min'],
    [extractor.handleMinutes, 'extractor.handleMinutes', [0, 240], 'min'],
    [extractor.turnMinutes, 'extractor.turnMinutes', [0, 240], 'min'],
    [extractor.leftShare, 'extractor.leftShare', [0, 0.5], '1'],
    [extractor.wallsKg, 'extractor.wallsKg', [0, 100], 'kg'],
    [
      extractor.sumpKg,
      'extractor.sumpKg',
      [extractor.framesPerLoad * line.honeyKgPerFrame, 1e6],
      'kg',
    ],
    [extractor.sides, 'extractor.sides', [1, 2], '1'],
    [strainer.count, 'strainer.count', [1, 50], '1'],
    [strainer.cycle.kg, 'strainer.cycle.kg', [0.01, 1e9], 'kg'],
    [strainer.cycle.cleanKgPerMin, 'strainer.cycle.cleanKgPerMin', [1e-5, 1e6], 'kg/min'],
    [strainer.scrapeMinutes, 'strainer.scrapeMinutes', [0, 240], 'min'],
    [strainer.scrapeLossKg, 'strainer.scrapeLossKg', [0, strainer.cycle.kg / 2], 'kg'],
    [pail.kg, 'pail.kg', [0.1, 2000], 'kg'],
    [pail.changeMinutes, 'pail.changeMinutes', [0, 240], 'min'],
    [bees.framesInside, 'bees.framesInside', [0, 1e6], '1'],
    [bees.carryMinutes, 'bees.carryMinutes', [0, 240], 'min'],
    [bees.wetOutMinutes, 'bees.wetOutMinutes', [0, 240], 'min'],
  ];
  const fn = 'requireLine';
  requireFinite({ line }, fn);
  for (const [value, param, limits, unit] of checks)
    requireInRange(value, limits, { fn, param, unit });
  const counts = [
    line.frames,
    line.framesPerBox,
    uncapping.places,
    extractor.count,
    extractor.sides,
    extractor.framesPerLoad,
    strainer.count,
  ];
  for (const count of counts) requireWhole(count, [0, 1e6], { fn, param: 'line', unit: '1' });
  for (const { fromMin, toMin } of line.breaks) {
    requireInRange(fromMin, [-LONGEST_MIN, LONGEST_MIN], { fn, param: 'breaks', unit: 'min' });
    requireInRange(toMin, [fromMin, LONGEST_MIN], { fn, param: 'breaks', unit: 'min' });
  }
  requirePeople(line);
}

function requirePeople(line: Line): void {
  const fn = 'requireLine';
  if (line.speeds.length === 0) {
    throw new DomainError({ code: 'empty', fn, param: 'speeds', value: 0, unit: '1' });
  }
  for (const speed of line.speeds)
    requireInRange(speed, SPEED_RANGE, { fn, param: 'speeds', unit: '1' });
  for (const there of line.hours ?? []) {
    const { fromMin, toMin } = there ?? { fromMin: line.startMin, toMin: null };
    requireInRange(fromMin, [-LONGEST_MIN, LONGEST_MIN], { fn, param: 'hours', unit: 'min' });
    requireInRange(toMin ?? fromMin, [fromMin, LONGEST_MIN], { fn, param: 'hours', unit: 'min' });
  }
  if (!someoneStays(line)) {
    throw new DomainError({ code: 'empty', fn, param: 'hours', value: 0, unit: '1' });
  }
}

/** Whether some of those who work are there until all is done: without them a day has no end. */
export function someoneStays({ speeds, hours = [] }: Line): boolean {
  requireFinite({ speeds, hours }, 'someoneStays');
  return speeds.some((_, person) => (hours[person]?.toMin ?? null) === null);
}

/** What of a frame's honey runs out of it [kg]. */
export function spunKgPerFrame({ honeyKgPerFrame, uncapping, extractor }: Line): number {
  const kg = honeyKgPerFrame * (1 - uncapping.lossShare - extractor.leftShare);
  // Asked at every load of every possible day: checked by its answer alone.
  if (kg >= 0 && kg < Infinity) return kg;
  const place = { fn: 'spunKgPerFrame', param: 'honeyKgPerFrame', unit: 'kg' };
  throw new DomainError({ code: 'out-of-range', value: honeyKgPerFrame, ...place });
}
