import { DomainError, requireInRange, requireFinite } from '../errors';
import type { CombFace } from '../mass/combMass';

/** Kinds of tools to open combs with. */
export const TOOL_KINDS = [
  'hot-knife',
  'cold-knife',
  'bread-knife',
  'fork',
  'roller',
  'machine',
] as const;
export type ToolKind = (typeof TOOL_KINDS)[number];

/** What a tool does. */
export interface UncappingTool {
  readonly kind: ToolKind;
  /** both sides of a frame [s] */
  readonly secondsPerFrame: number;
  /** of the honey, that goes with the wax [1] */
  readonly lossShare: number;
  /** how much of the comb is there again next year, 1 all of it */
  readonly combSpared: number;
  /** faces it opens well */
  readonly faces: readonly CombFace[];
  /** false: tears or melts comb that was built this year */
  readonly newComb: boolean;
  /** it fills with wax: after so many frames it is picked clean, which takes so long; not there: it does not */
  readonly picked?: { readonly everyFrames: number; readonly seconds: number };
}

/** A frame with its share of picking the tool clean [s]. */
export function secondsWithPicking({ secondsPerFrame, picked }: UncappingTool): number {
  requireFinite({ secondsPerFrame, picked: picked ?? {} }, 'secondsWithPicking');
  return secondsPerFrame + (picked ? picked.seconds / picked.everyFrames : 0);
}

/**
 * Tools with usual times and losses; one's own are typed over them.
 *
 * @source common practice, no source; the losses lie within the handbook's 3 to 8 % of all
 */
export const TOOLS: readonly UncappingTool[] = [
  {
    kind: 'hot-knife',
    secondsPerFrame: 35,
    lossShare: 0.05,
    combSpared: 0.8,
    faces: ['proud', 'flush'],
    newComb: false,
  },
  {
    kind: 'cold-knife',
    secondsPerFrame: 45,
    lossShare: 0.05,
    combSpared: 0.8,
    faces: ['proud', 'flush'],
    newComb: true,
  },
  {
    kind: 'bread-knife',
    secondsPerFrame: 60,
    lossShare: 0.06,
    combSpared: 0.75,
    faces: ['proud', 'flush'],
    newComb: true,
  },
  {
    kind: 'fork',
    secondsPerFrame: 90,
    lossShare: 0.02,
    combSpared: 0.95,
    faces: ['sunken', 'flush', 'proud'],
    newComb: true,
  },
  {
    kind: 'roller',
    secondsPerFrame: 30,
    lossShare: 0.01,
    combSpared: 0.9,
    faces: ['flush'],
    newComb: true,
    picked: { everyFrames: 6, seconds: 60 },
  },
  {
    kind: 'machine',
    secondsPerFrame: 12,
    lossShare: 0.07,
    combSpared: 0.75,
    faces: ['proud', 'flush'],
    newComb: false,
  },
];

/** Combs that are to be opened. */
export interface CombsToOpen {
  readonly face: CombFace;
  /** built this year */
  readonly isNew: boolean;
  readonly frames: number;
  readonly honeyKgPerFrame: number;
}

/** What a tool comes to on these combs. */
export interface ToolJudgement {
  readonly tool: UncappingTool;
  readonly minutes: number;
  /** honey that goes with the wax [kg]; part of it drips out again */
  readonly lossKg: number;
  /** why not, empty where it suits */
  readonly against: readonly ('face' | 'new-comb')[];
}

/**
 * What each tool comes to on some combs: those that suit first, then by time.
 *
 * @throws DomainError `out-of-range`, `empty` without tools
 */
export function judgeTools(combs: CombsToOpen, tools: readonly UncappingTool[]): ToolJudgement[] {
  requireFinite({ combs, tools }, 'judgeTools');
  const fn = 'judgeTools';
  requireInRange(combs.frames, [0, 20_000], { fn, param: 'frames', unit: '1' });
  requireInRange(combs.honeyKgPerFrame, [0, 10], { fn, param: 'honeyKgPerFrame', unit: 'kg' });
  if (tools.length === 0) {
    throw new DomainError({ code: 'empty', fn, param: 'tools', value: 0, unit: '1' });
  }
  return tools
    .map((tool): ToolJudgement => {
      const against: ('face' | 'new-comb')[] = [];
      if (!tool.faces.includes(combs.face)) against.push('face');
      if (combs.isNew && !tool.newComb) against.push('new-comb');
      return {
        tool,
        against,
        minutes: (combs.frames * secondsWithPicking(tool)) / 60,
        lossKg: combs.frames * combs.honeyKgPerFrame * tool.lossShare,
      };
    })
    .sort((a, b) => a.against.length - b.against.length || a.minutes - b.minutes);
}
