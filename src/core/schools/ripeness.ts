import { summedMass } from '../mass/combMass';
import {
  frameCapping,
  frameShake,
  isAsWetAs,
  worseSideShare,
  type FrameEvidence,
} from './frameEvidence';
import type { School } from './school';

/** Whether a school takes a frame, and why. */
export interface Ripeness {
  readonly taken: boolean;
  /** taken, but to be dried before extraction */
  readonly dryFirst: boolean;
  /** one sentence */
  readonly sentence: string;
}

const tenths = (share: number): string => `${Math.round(share * 100)} %`;

function take(sentence: string, dryFirst = false): Ripeness {
  return { taken: true, dryFirst, sentence };
}

function refuse(sentence: string): Ripeness {
  return { taken: false, dryFirst: false, sentence };
}

function isSideRipe(
  side: FrameEvidence['sides'][number],
  { ripeShare, excusedShare }: School,
): boolean {
  if (!side.capped) return true;
  const share = side.capped.share + 1e-9;
  if (share >= ripeShare) return true;
  return excusedShare !== null && side.shake === 'nothing-fell' && share >= excusedShare;
}

function byEachSide(frame: FrameEvidence, school: School): Ripeness {
  const worse = worseSideShare(frame) ?? 0;
  if (!frame.sides.every((side) => isSideRipe(side, school))) {
    return refuse(
      `Its poorer side is ${tenths(worse)} capped; this school wants ${tenths(school.ripeShare)}.`,
    );
  }
  return worse + 1e-9 >= school.ripeShare
    ? take(`Both sides are at least ${tenths(worse)} capped.`)
    : take(`${tenths(worse)} capped on its poorer side, and nothing fell at the shake.`);
}

function byCells(frame: FrameEvidence, school: School, limitPercent: number): Ripeness {
  const read = frame.cellMoisturePercent;
  if (read === null) {
    const bySides = byEachSide(frame, school);
    return bySides.taken ? bySides : refuse(`${bySides.sentence} Its open cells were not read.`);
  }
  return read <= limitPercent
    ? take(`Its open cells read ${read.toFixed(1)} %.`)
    : refuse(`Its open cells read ${read.toFixed(1)} %, over ${limitPercent.toFixed(1)} %.`);
}

function allHoney(frame: FrameEvidence, school: School): Ripeness {
  const share = frameCapping(frame)?.share ?? 0;
  const ripe = share + 1e-9 >= school.ripeShare;
  if (school.drying === 'in-comb' && !ripe) {
    return take(`${tenths(share)} capped: into the warm room with it, open cells dry well.`, true);
  }
  return take(
    ripe
      ? `${tenths(share)} capped: it goes with the rest.`
      : `${tenths(share)} capped: it goes with the rest, and the batch is dried if it reads wet.`,
  );
}

/** What a frame adds to a pool [kg]: how far its honey is above the share wanted. */
function surplus(frame: FrameEvidence, wanted: number): number {
  return frame.honey.massKg * ((frameCapping(frame)?.share ?? 0) - wanted);
}

/**
 * The frames that can be taken together while the share pooled by honey mass holds: all that are
 * above it, then those that lack least. So the number of frames is as large as it can be, and it
 * never falls when some frame is capped further.
 *
 * @param frames - that this school may take at all
 * @param wanted - pooled capped share [1]
 * @returns identifiers of the frames taken
 * @source common practice, no source; the order is our choice
 */
export function takenByPool(frames: readonly FrameEvidence[], wanted: number): ReadonlySet<string> {
  const bySurplus = frames
    .map((frame) => ({ id: frame.id, surplus: surplus(frame, wanted) }))
    .sort((a, b) => b.surplus - a.surplus);
  const taken = new Set<string>();
  let left = 1e-9;
  for (const one of bySurplus) {
    left += one.surplus;
    if (left < 0) break;
    taken.add(one.id);
  }
  return taken;
}

function byPool(frame: FrameEvidence, school: School, pool: ReadonlySet<string>): Ripeness {
  const share = frameCapping(frame)?.share ?? 0;
  if (!pool.has(frame.id)) {
    return refuse(
      `${tenths(share)} capped: with it the whole would fall under ${tenths(school.ripeShare)}.`,
    );
  }
  return share + 1e-9 >= school.ripeShare
    ? take(`${tenths(share)} capped.`)
    : take(
        `Only ${tenths(share)} capped, but the whole stays at ${tenths(school.ripeShare)} or more.`,
      );
}

/** Whether a shake result keeps this school from taking a frame at all. */
function stoppedByShake(frame: FrameEvidence, { stopsAt }: School): Ripeness | null {
  const shake = frameShake(frame);
  if (!isAsWetAs(shake, stopsAt)) return null;
  return refuse(
    shake === 'runs'
      ? 'Nectar runs out at the shake.'
      : 'Drops fall at the shake: it is nectar still.',
  );
}

/**
 * How a school judges frames that nothing else forbids.
 *
 * @param frames - all that are judged together
 * @param school - its rule
 * @param limitPercent - for schools that read cells [% by mass]
 * @returns one judgement a frame, in their order
 * @source common practice, no source
 */
export function ripenessOf(
  frames: readonly FrameEvidence[],
  school: School,
  limitPercent: number,
): Ripeness[] {
  const stopped = frames.map((frame) => stoppedByShake(frame, school));
  const pool =
    school.rule === 'pooled'
      ? takenByPool(
          frames.filter((_, at) => stopped[at] === null),
          school.ripeShare,
        )
      : new Set<string>();
  const judge = (frame: FrameEvidence): Ripeness => {
    switch (school.rule) {
      case 'each-side':
        return byEachSide(frame, school);
      case 'pooled':
        return byPool(frame, school, pool);
      case 'all-honey':
        return allHoney(frame, school);
      case 'cells-read':
        return byCells(frame, school, limitPercent);
    }
  };
  return frames.map((frame, at) => stopped[at] ?? judge(frame));
}

/** Honey of frames together [kg]. */
export function honeyOf(frames: readonly FrameEvidence[]) {
  return summedMass(frames.map((one) => one.honey));
}
