import type { Finishing } from './finishing';
import { frameCapping, frameShake, type FrameEvidence } from './frameEvidence';
import { forcedAct, type FrameAct, type Reasoned } from './forced';
import { ripenessOf } from './ripeness';
import type { School } from './school';

/** What to do with a frame, why, and what else could be done. */
export interface FrameDecision extends Reasoned {
  readonly frameId: string;
  /** what comes of it, one sentence; empty where the act says it all */
  readonly next: string;
  /** other ways, best first; empty where something forces the act */
  readonly alternatives: readonly Reasoned[];
}

/** What the decision depends on besides the frames. */
export interface DecideContext {
  /** limit for schools that read cells [% by mass] */
  readonly limitPercent: number;
  /** chance that bees finish the frame; null where nobody asked */
  finishingOf(frame: FrameEvidence): Finishing | null;
  /** honey that a colony still lacks for what is to stay [kg], by colony */
  readonly lackingKg: ReadonlyMap<string, number>;
}

/** Nothing known of flow and colonies. */
export const NO_CONTEXT: DecideContext = {
  limitPercent: 20,
  finishingOf: () => null,
  lackingKg: new Map(),
};

/** Chance from which putting back is the first thing to try [1]. @source our choice, no source */
export const WORTH_PUTTING_BACK = 0.5;

/** Capped share from which a frame keeps over winter in its comb [1]. @source common practice, no source */
const KEEPS_FROM = 0.9;

/** Honey up to which stripping is better than storing [kg]. @source common practice, no source */
const STRIP_UP_TO_KG = 0.6;

const inTen = (probability: number): string => {
  const tenths = Math.round(probability * 10);
  if (tenths >= 10) return 'more than 9 of 10';
  return tenths <= 0 ? 'less than 1 of 10' : `about ${tenths} of 10`;
};

function putBack(finishing: Finishing | null): { reasoned: Reasoned; weight: number } {
  if (!finishing) {
    const sentence = 'Put it back while nectar comes.';
    return { reasoned: { act: 'put-back', sentence }, weight: WORTH_PUTTING_BACK };
  }
  if (finishing.daysNeeded === null) {
    const sentence = 'No nectar comes: the bees would not finish it.';
    return { reasoned: { act: 'put-back', sentence }, weight: 0 };
  }
  const sentence = `Bees finish ${inTen(finishing.probability)} such frames before nectar ends; look again in ${finishing.lookAgainInDays ?? 7} days.`;
  return { reasoned: { act: 'put-back', sentence }, weight: finishing.probability };
}

function isWet(frame: FrameEvidence): boolean {
  const shake = frameShake(frame);
  return shake === 'drops' || shake === 'runs';
}

/** What can be done with a frame that is not taken, best first. */
function waysOut(frame: FrameEvidence, context: DecideContext): Reasoned[] {
  const share = frameCapping(frame)?.share ?? 0;
  const little = frame.honey.massKg / frame.count <= STRIP_UP_TO_KG;
  const lacks = (context.lackingKg.get(frame.colonyId ?? '') ?? 0) > 0;
  const back = putBack(context.finishingOf(frame));
  const ways: { reasoned: Reasoned; weight: number }[] = [
    back,
    {
      reasoned: {
        act: 'leave',
        sentence: lacks ? 'The colony lacks stores still.' : 'Leave it to the colony.',
      },
      weight: lacks ? 0.8 : 0.3,
    },
    {
      reasoned: { act: 'strip', sentence: 'Open it and feed it back to its own colony.' },
      weight: little ? 0.45 : 0.2,
    },
    {
      reasoned: { act: 'take-to-dry', sentence: 'Dry it in a warm room, if there is one.' },
      weight: isWet(frame) ? 0.05 : 0.25,
    },
  ];
  if (share >= KEEPS_FROM) {
    const sentence = 'Keep it whole, cool and closed, for spring.';
    ways.push({ reasoned: { act: 'keep-for-spring', sentence }, weight: 0.4 });
  }
  return ways.sort((a, b) => b.weight - a.weight).map((one) => one.reasoned);
}

function ofSections({ sections }: FrameEvidence): Reasoned | null {
  if (!sections) return null;
  const { ripe, all } = sections;
  return ripe > 0
    ? { act: 'comb-honey', sentence: `${ripe} of ${all} pieces are fully capped on both sides.` }
    : { act: 'put-back', sentence: `None of ${all} pieces is fully capped on both sides.` };
}

function notTaken(frame: FrameEvidence, why: string, context: DecideContext): FrameDecision {
  const [first, ...alternatives] = waysOut(frame, context);
  const act: FrameAct = first?.act ?? 'leave';
  return { frameId: frame.id, act, sentence: why, next: first?.sentence ?? '', alternatives };
}

function takenFrame(frameId: string, act: FrameAct, sentence: string): FrameDecision {
  return { frameId, act, sentence, next: '', alternatives: [] };
}

/** Frames taken, wettest and lightest capping first: the ones that a colony keeps first. */
function keptFirst(frames: readonly FrameEvidence[]): FrameEvidence[] {
  const share = (one: FrameEvidence): number => frameCapping(one)?.share ?? 0;
  return [...frames].sort((a, b) => share(a) - share(b));
}

/** Turns frames of colonies that lack stores into frames that stay, until they have enough. */
function leaveEnough(
  frames: readonly FrameEvidence[],
  decisions: Map<string, FrameDecision>,
  { lackingKg }: DecideContext,
): void {
  const lacking = new Map(lackingKg);
  const stays: readonly FrameAct[] = ['leave', 'put-back'];
  for (const { id, colonyId, honey } of frames) {
    const known = lacking.get(colonyId ?? '');
    const act = decisions.get(id)?.act;
    if (known === undefined || act === undefined || !stays.includes(act)) continue;
    lacking.set(colonyId ?? '', known - honey.massKg);
  }
  const taken = frames.filter((one) =>
    ['take', 'take-to-dry'].includes(decisions.get(one.id)?.act ?? ''),
  );
  for (const frame of keptFirst(taken)) {
    const lacks = lacking.get(frame.colonyId ?? '') ?? 0;
    if (lacks <= 0) continue;
    lacking.set(frame.colonyId ?? '', lacks - frame.honey.massKg);
    const before = decisions.get(frame.id);
    decisions.set(frame.id, {
      frameId: frame.id,
      act: 'leave',
      sentence: `Stays with the colony, which lacks ${lacks.toFixed(1)} kg of what you want to leave it.`,
      next: '',
      alternatives: before ? [{ act: before.act, sentence: before.sentence }] : [],
    });
  }
}

/**
 * What to do with each frame under a school.
 *
 * What forbids honey for people, the queen and brood come first; then the school's rule; a frame not
 * taken gets its ways out, ranked. A colony-first school then keeps back what its colonies lack.
 *
 * @param frames - all that are judged together: the pool of a school that pools
 * @param school - its rule
 * @param context - flow, limit and stores
 * @returns one decision a frame, in their order
 * @throws DomainError as the parts
 * @source common practice, no source
 */
export function decideFrames(
  frames: readonly FrameEvidence[],
  school: School,
  context: DecideContext = NO_CONTEXT,
): FrameDecision[] {
  const decisions = new Map<string, FrameDecision>();
  const free: FrameEvidence[] = [];
  for (const frame of frames) {
    const fixed = forcedAct(frame) ?? ofSections(frame);
    if (fixed) decisions.set(frame.id, { frameId: frame.id, ...fixed, next: '', alternatives: [] });
    else free.push(frame);
  }
  const ripeness = ripenessOf(free, school, context.limitPercent);
  for (const frame of free) {
    const found = ripeness.get(frame.id);
    if (!found) continue;
    const { taken, dryFirst, sentence } = found;
    decisions.set(
      frame.id,
      taken
        ? takenFrame(frame.id, dryFirst ? 'take-to-dry' : 'take', sentence)
        : notTaken(frame, sentence, context),
    );
  }
  if (school.stays === 'colony-first') leaveEnough(frames, decisions, context);
  return frames.map((frame) => decisions.get(frame.id)).filter((one) => one !== undefined);
}

/** Acts by which honey leaves the hive for people. */
export const TAKING_ACTS: readonly FrameAct[] = ['take', 'take-to-dry', 'comb-honey'];
