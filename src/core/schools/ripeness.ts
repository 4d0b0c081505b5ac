import { summedMass } from '../mass/combMass';
import {
  frameCapping,
  frameShake,
  isAsWetAs,
  worseSideShare,
  type FrameEvidence,
} from './frameEvidence';
import type { School } from './school';
import { hundredths, type Message, percent, say } from '../message/message';

/** Whether a school takes a frame, and why. */
export interface Ripeness {
  readonly taken: boolean;
  /** taken, but to be dried before extraction */
  readonly dryFirst: boolean;
  /** one sentence */
  readonly sentence: Message;
}

function take(sentence: Message, dryFirst = false): Ripeness {
  return { taken: true, dryFirst, sentence };
}

function refuse(sentence: Message): Ripeness {
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
      say('judging.itsLessCappedSideIs', {
        tenths: hundredths(worse),
        tenths2: hundredths(school.ripeShare),
      }),
    );
  }
  return worse + 1e-9 >= school.ripeShare
    ? take(say('judging.bothSidesAreAtLeast', { tenths: hundredths(worse) }))
    : take(say('judging.itsLessCappedSideIsAt', { tenths: hundredths(worse) }));
}

function byCells(frame: FrameEvidence, school: School, limitPercent: number): Ripeness {
  const read = frame.cellMoisturePercent;
  if (read === null) {
    const bySides = byEachSide(frame, school);
    return bySides.taken
      ? bySides
      : refuse(say('judging.itsOpenCellsWereNot', { sentence: bySides.sentence }));
  }
  return read <= limitPercent
    ? take(say('judging.itsOpenCellsRead', { read: percent(read) }))
    : refuse(
        say('judging.itsOpenCellsReadOver', {
          read: percent(read),
          limitPercent: percent(limitPercent),
        }),
      );
}

function allHoney(frame: FrameEvidence, school: School): Ripeness {
  const share = frameCapping(frame)?.share ?? 0;
  const ripe = share + 1e-9 >= school.ripeShare;
  if (school.drying === 'in-comb' && !ripe) {
    return take(say('judging.cappedDryItInThe', { tenths: hundredths(share) }), true);
  }
  return take(
    ripe
      ? say('judging.cappedItGoesWithThe', { tenths: hundredths(share) })
      : say('judging.cappedItGoesWithTheRest', { tenths: hundredths(share) }),
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
  for (const item of bySurplus) {
    left += item.surplus;
    if (left < 0) break;
    taken.add(item.id);
  }
  return taken;
}

function byPool(frame: FrameEvidence, school: School, pool: ReadonlySet<string>): Ripeness {
  const share = frameCapping(frame)?.share ?? 0;
  if (!pool.has(frame.id)) {
    return refuse(
      say('judging.cappedWithItTheWhole', {
        tenths: hundredths(share),
        tenths2: hundredths(school.ripeShare),
      }),
    );
  }
  return share + 1e-9 >= school.ripeShare
    ? take(say('judging.capped', { tenths: hundredths(share) }))
    : take(
        say('judging.onlyCappedButTheWhole', {
          tenths: hundredths(share),
          tenths2: hundredths(school.ripeShare),
        }),
      );
}

/** Whether a shake result keeps this school from taking a frame at all. */
function stoppedByShake(frame: FrameEvidence, { stopsAt }: School): Ripeness | null {
  const shake = frameShake(frame);
  if (!isAsWetAs(shake, stopsAt)) return null;
  return refuse(
    shake === 'runs'
      ? say('judging.nectarRunsOutWhenShaken')
      : say('judging.dropsFallWhenShakenIt'),
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
  return summedMass(frames.map((frame) => frame.honey));
}
