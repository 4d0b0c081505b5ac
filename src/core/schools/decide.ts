import { requireFinite } from '../errors';
import { USUAL_LOOK_AGAIN_DAYS, type Finishing } from './finishing';
import { frameCapping, frameShake, type FrameEvidence } from './frameEvidence';
import { forcedAct, type FrameAct, type Reasoned } from './forced';
import { ripenessOf, type Ripeness } from './ripeness';
import type { School } from './school';
import { mass, type Message, say } from '../message/message';

/** What to do with a frame, why, and what else could be done. */
export interface FrameDecision extends Reasoned {
  readonly frameId: string;
  /** what comes of it, one sentence; null where the act says it all */
  readonly next: Message | null;
  /** other ways, best first; none where something forces the act; worked out when asked for */
  readonly alternatives: () => readonly Reasoned[];
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

const inTen = (probability: number): Message => {
  const tenths = Math.round(probability * 10);
  if (tenths >= 10) return say('judging.moreThanOf');
  return tenths <= 0 ? say('judging.lessThanOf') : say('judging.aboutOf', { tenths });
};

/** What the ways out of a frame depend on. */
interface WayContext {
  readonly frame: FrameEvidence;
  readonly finishing: Finishing | null;
  readonly lacks: boolean;
}

/** A way out for a frame that is not taken: how good it is here, and in words. */
interface Way {
  readonly act: FrameAct;
  weight(context: WayContext): number;
  sentence(context: WayContext): Message;
}

function isWet(frame: FrameEvidence): boolean {
  const shake = frameShake(frame);
  return shake === 'drops' || shake === 'runs';
}

function putBackSentence(finishing: Finishing | null): Message {
  if (!finishing) return say('judging.putItBackWhileNectar');
  if (finishing.daysNeeded === null) return say('judging.noNectarIsComingIn');
  return say('judging.beesFinishSuchFramesBefore', {
    inTen: inTen(finishing.probability),
    lookAgainInDays: finishing.lookAgainInDays ?? USUAL_LOOK_AGAIN_DAYS,
  });
}

/** All ways out, with their weights. @source our choice, no source */
const WAYS: readonly Way[] = [
  {
    act: 'put-back',
    weight: ({ finishing }) => {
      if (!finishing) return WORTH_PUTTING_BACK;
      return finishing.daysNeeded === null ? 0 : finishing.probability;
    },
    sentence: ({ finishing }) => putBackSentence(finishing),
  },
  {
    act: 'leave',
    weight: ({ lacks }) => (lacks ? 0.8 : 0.3),
    sentence: ({ lacks }) =>
      lacks ? say('judging.theColonyStillLacksStores') : say('judging.leaveItToTheColony'),
  },
  {
    act: 'strip',
    weight: ({ frame }) => (frame.honey.massKg / frame.count <= STRIP_UP_TO_KG ? 0.45 : 0.2),
    sentence: () => say('judging.openItAndFeedIt'),
  },
  {
    act: 'take-to-dry',
    weight: ({ frame }) => (isWet(frame) ? 0.05 : 0.25),
    sentence: () => say('judging.dryItInAWarm'),
  },
  {
    act: 'keep-for-spring',
    weight: ({ frame }) => ((frameCapping(frame)?.share ?? 0) >= KEEPS_FROM ? 0.4 : -1),
    sentence: () => say('judging.keepItWholeCoolAnd'),
  },
];

/** The best way out. */
function bestWay(context: WayContext): Way | undefined {
  let best: Way | undefined;
  let most = -Infinity;
  for (const way of WAYS) {
    const weight = way.weight(context);
    if (weight > most) [best, most] = [way, weight];
  }
  return best;
}

/** The other ways out, best first. */
function otherWays(context: WayContext, best: Way | undefined): Reasoned[] {
  return WAYS.filter((way) => way !== best && way.weight(context) >= 0)
    .sort((a, b) => b.weight(context) - a.weight(context))
    .map((way) => ({ act: way.act, sentence: way.sentence(context) }));
}

function ofSections({ sections }: FrameEvidence): Reasoned | null {
  if (!sections) return null;
  const { ripe, all } = sections;
  return ripe > 0
    ? { act: 'comb-honey', sentence: say('judging.ofPiecesAreFullyCapped', { ripe, all }) }
    : { act: 'put-back', sentence: say('judging.noneOfPiecesIsFully', { all }) };
}

function notTaken(frame: FrameEvidence, why: Message, context: DecideContext): FrameDecision {
  const lacks = (context.lackingKg.get(frame.colonyId ?? '') ?? 0) > 0;
  const ways: WayContext = { frame, finishing: context.finishingOf(frame), lacks };
  const best = bestWay(ways);
  return {
    frameId: frame.id,
    act: best?.act ?? 'leave',
    sentence: why,
    next: best?.sentence(ways) ?? null,
    alternatives: () => otherWays(ways, best),
  };
}

const NONE = (): readonly Reasoned[] => [];

function settled(frameId: string, { act, sentence }: Reasoned): FrameDecision {
  return { frameId, act, sentence, next: null, alternatives: NONE };
}

/** Frames taken, wettest and lightest capping first: the ones that a colony keeps first. */
function keptFirst(frames: readonly FrameEvidence[]): FrameEvidence[] {
  const share = (frameEvidence: FrameEvidence): number => frameCapping(frameEvidence)?.share ?? 0;
  return [...frames].sort((a, b) => share(a) - share(b));
}

/** Turns frames of colonies that lack stores into frames that stay, until they have enough. */
function leaveEnough(
  frames: readonly FrameEvidence[],
  decisions: readonly FrameDecision[],
  { lackingKg }: DecideContext,
): FrameDecision[] {
  const lacking = new Map(lackingKg);
  const byFrame = new Map(decisions.map((decision) => [decision.frameId, decision]));
  const actOf = ({ id }: FrameEvidence): FrameAct => byFrame.get(id)?.act ?? 'nothing';
  for (const frame of frames) {
    const known = lacking.get(frame.colonyId ?? '');
    if (known === undefined || !STAYING_ACTS.includes(actOf(frame))) continue;
    lacking.set(frame.colonyId ?? '', known - frame.honey.massKg);
  }
  const taken = frames.filter((frameEvidence) => EXTRACTED_ACTS.includes(actOf(frameEvidence)));
  for (const frame of keptFirst(taken)) {
    const lacks = lacking.get(frame.colonyId ?? '') ?? 0;
    const before = byFrame.get(frame.id);
    if (lacks <= 0 || !before) continue;
    lacking.set(frame.colonyId ?? '', lacks - frame.honey.massKg);
    byFrame.set(frame.id, {
      frameId: frame.id,
      act: 'leave',
      sentence: say('judging.leaveItTheColonyIs', { lacks: mass(lacks) }),
      next: null,
      alternatives: () => [{ act: before.act, sentence: before.sentence }],
    });
  }
  return decisions.map((decision) => byFrame.get(decision.frameId) ?? decision);
}

function byRipeness(
  frame: FrameEvidence,
  ripeness: Ripeness,
  context: DecideContext,
): FrameDecision {
  const { taken, dryFirst, sentence } = ripeness;
  if (!taken) return notTaken(frame, sentence, context);
  return settled(frame.id, { act: dryFirst ? 'take-to-dry' : 'take', sentence });
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
  requireFinite({ frames, school, context }, 'decideFrames');
  const forced = frames.map((frame) => forcedAct(frame) ?? ofSections(frame));
  const free = frames.filter((_, at) => forced[at] === null);
  const ripeness = ripenessOf(free, school, context.limitPercent);
  let judged = 0;
  const decisions = frames.map((frame, at) => {
    const fixed = forced[at];
    if (fixed) return settled(frame.id, fixed);
    const found = ripeness[judged];
    judged += 1;
    if (!found) throw new Error('a frame was not judged');
    return byRipeness(frame, found, context);
  });
  return school.stays === 'colony-first' ? leaveEnough(frames, decisions, context) : decisions;
}

/** Acts by which honey is extracted. */
export const EXTRACTED_ACTS: readonly FrameAct[] = ['take', 'take-to-dry'];

/** Acts by which honey stays with the colony. */
export const STAYING_ACTS: readonly FrameAct[] = ['leave', 'put-back'];

/** Acts by which honey leaves the hive for people. */
export const TAKING_ACTS: readonly FrameAct[] = [...EXTRACTED_ACTS, 'comb-honey'];
