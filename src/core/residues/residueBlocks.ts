import { say, type Message } from '../message/message';

/**
 * Which comb is not honey for people because of what was given to the bees. Days are whole numbers,
 * counted from 1970-01-01, so that the core needs no calendar.
 */

/** What was given to bees: a product against pests, or feed. */
export const GIVEN_KINDS = ['treatment', 'feed'] as const;
export type GivenKind = (typeof GIVEN_KINDS)[number];

/** Something given to colonies, as the keeper typed it from the label. */
export interface Given {
  readonly id: string;
  readonly kind: GivenKind;
  /** product or feed, as on the label */
  readonly name: string;
  readonly colonyIds: readonly string[];
  readonly fromDay: number;
  /** null while it goes on */
  readonly toDay: number | null;
  /** honey boxes stood on the hive meanwhile */
  readonly boxesOn: boolean;
  /** the label's waiting time after its end [d] */
  readonly waitDays: number;
}

/** A stay of a comb on a hive. */
export interface CombStay {
  readonly colonyId: string;
  /** null where nobody knows since when */
  readonly fromDay: number | null;
  /** null where it is there still */
  readonly toDay: number | null;
  /** in a honey box, which may be taken off for a treatment, or in the brood nest, which is not */
  readonly as: 'honey' | 'brood';
}

/** Why a comb is not honey for people. */
export interface ResidueBlock {
  readonly givenId: string;
  readonly kind: GivenKind;
  readonly name: string;
  /** 'during': the comb was on the hive meanwhile; 'waiting': put on before the waiting time was over */
  readonly why: 'during' | 'waiting';
}

/** Stretch of days in which something counts, with the open ends filled. */
function stretch(given: Given, waitDays: number): readonly [number, number] {
  return [given.fromDay, given.toDay === null ? Infinity : given.toDay + waitDays];
}

function overlaps(stay: CombStay, [from, to]: readonly [number, number]): boolean {
  return (stay.fromDay ?? -Infinity) <= to && (stay.toDay ?? Infinity) > from;
}

function whyBlocked(stay: CombStay, given: Given): ResidueBlock['why'] | null {
  if (!given.colonyIds.includes(stay.colonyId)) return null;
  const onMeanwhile = stay.as === 'brood' || given.boxesOn;
  if (onMeanwhile && overlaps(stay, stretch(given, 0))) return 'during';
  const afterwards: [number, number] = [
    given.toDay === null ? Infinity : given.toDay + 1,
    stretch(given, given.waitDays)[1],
  ];
  return afterwards[0] <= afterwards[1] && overlaps(stay, afterwards) ? 'waiting' : null;
}

/**
 * What was given to the hives while a comb stood on them. Out before the start is free; boxes that
 * were off are free; comb from the brood nest inherits all that its colony was given. A block never
 * ends by itself: the label and local rules decide.
 *
 * @param stays - of one comb, on whatever hives
 * @param given - everything given
 * @returns blocks in the order of `given`
 * @source common practice, no source; the product's label rules
 */
export function residueBlocks(stays: readonly CombStay[], given: readonly Given[]): ResidueBlock[] {
  return given.flatMap((item) => {
    const reasons = stays.map((stay) => whyBlocked(stay, item)).filter((why) => why !== null);
    const why = reasons.includes('during') ? 'during' : reasons[0];
    return why ? [{ givenId: item.id, kind: item.kind, name: item.name, why }] : [];
  });
}

/** Why a comb is not honey for people, as a message. */
export function blockSentence({ kind, name, why }: ResidueBlock): Message {
  if (kind === 'feed') {
    return why === 'during'
      ? say('judging.onTheHiveWhileWas', { name })
      : say('judging.putOnTooSoonAfter', { name });
  }
  return why === 'during'
    ? say('judging.onTheHiveDuringTreatment', { name })
    : say('judging.onTheHiveWithinWaiting', { name });
}
