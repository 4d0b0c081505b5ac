import { combSideMass, groupBy, TAKING_ACTS, weightCourse } from '../../core';
import type { HiveWeight } from '../../records';
import { formatOf, type Book } from '../day/book';
import { frameEvidenceFrom } from '../day/frameEvidence';
import type { KeptStory } from '../day/harvestFile';
import { dayNumber } from '../days';

/** Looks further apart than this tell nothing of a week [d]. @source our choice */
const FURTHEST_APART_DAYS = 21;

/** What looks at the honey boxes of a hive tell. */
export interface HiveGain {
  readonly colonyId: string;
  /** from two looks at the same frames; null where no frame was looked at twice [kg/d] */
  readonly kgPerDay: number | null;
  /** days between those looks */
  readonly days: number | null;
  /** honey seen in its boxes at the last look, frames not looked at counted as those beside them [kg] */
  readonly honeyKg: number | null;
  /** honey that its boxes hold when full, and one of them [kg] */
  readonly fullKg: number;
  readonly boxKg: number;
  readonly lastLookDay: number | null;
  /** what the gain is known from; null where it is not */
  readonly from: 'looks' | 'weights' | null;
  /** a flow has begun by its weights, since [day since 1970-01-01]; null where they tell none */
  readonly gainsSince: number | null;
}

interface Look {
  readonly day: number;
  readonly honeyKg: number;
  /** the frame was taken, and what hangs there since is empty */
  readonly isTaken: boolean;
}

function fullBoxKg(book: Book, formatId: string, slots: number): number {
  const { areaDm2 } = formatOf(book, formatId);
  return 2 * slots * combSideMass({ areaDm2, honeyShare: 1, face: 'flush' }).massKg;
}

/** Looks at a frame, the earliest first; of those of one day the last counts. */
function looksAt({ frameId, frame, check, earlier }: KeptStory, book: Book): Look[] {
  const byDay = new Map(
    [...earlier, check].map((each) => {
      const { honey } = frameEvidenceFrom({ frameId, frame, check: each }, book);
      const isTaken = TAKING_ACTS.includes(each.decision.act);
      const day = dayNumber(each.day);
      return [day, { day, honeyKg: honey.massKg, isTaken }] as const;
    }),
  );
  return [...byDay.values()].sort((a, b) => a.day - b.day);
}

/** Honey that hangs there after a look. */
const leftKg = ({ honeyKg, isTaken }: Look): number => (isTaken ? 0 : honeyKg);

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** Gain of one frame between its last two looks, where they are near enough. */
function lastGain(looks: readonly Look[]): { readonly kg: number; readonly days: number } | null {
  const [before, after] = looks.slice(-2);
  if (!before || !after || before.isTaken) return null;
  const days = after.day - before.day;
  return days > FURTHEST_APART_DAYS ? null : { kg: after.honeyKg - before.honeyKg, days };
}

interface GainSources {
  readonly book: Book;
  readonly looksInBox: (boxId: string) => readonly (readonly Look[])[];
  readonly weights: readonly HiveWeight[];
}

/** What the scale tells of a hive, boxes that went on or came off between weighings left out. */
function byScale(colonyId: string, { book, weights }: GainSources) {
  const own = weights.filter(({ content }) => content.colonyId === colonyId);
  const changes = book.boxes
    .filter(({ content }) => content.colonyId === colonyId)
    .flatMap(({ content: { onDay, offDay } }) => [onDay, offDay])
    .flatMap((day) => (day === null ? [] : [dayNumber(day)]));
  return weightCourse(
    own.map(({ content }) => ({ day: dayNumber(content.day), massKg: content.massKg })),
    changes,
  );
}

function gainOfHive(colonyId: string, { book, looksInBox, weights }: GainSources): HiveGain {
  const boxes = book.boxes.filter(
    ({ content }) =>
      content.colonyId === colonyId && content.role === 'honey' && content.offDay === null,
  );
  const seen = boxes.map((box) => ({
    slots: box.content.slots,
    fullKg: fullBoxKg(book, box.content.formatId, box.content.slots),
    looks: looksInBox(box.entityId).filter((looks) => looks.length > 0),
  }));
  const fullKg = seen.reduce((sum, box) => sum + box.fullKg, 0);
  const slots = seen.reduce((sum, box) => sum + box.slots, 0);
  const gains = seen.flatMap((box) => box.looks.flatMap((looks) => lastGain(looks) ?? []));
  const looked = seen.filter((box) => box.looks.length > 0);
  const last = looked.flatMap((box) => box.looks.map((looks) => looks.at(-1)!));
  const inBox = looked.map(
    (box) => box.slots * mean(box.looks.map((looks) => leftKg(looks.at(-1)!))),
  );
  const scale = byScale(colonyId, { book, looksInBox, weights });
  const seenGain =
    gains.length === 0
      ? null
      : {
          kgPerDay: slots * mean(gains.map(({ kg, days }) => kg / days)),
          days: Math.round(mean(gains.map(({ days }) => days))),
        };
  // a scale feels what an eye guesses
  const isWeighed = scale.kgPerDay !== null;
  return {
    colonyId,
    kgPerDay: scale.kgPerDay ?? seenGain?.kgPerDay ?? null,
    days: isWeighed ? scale.days : (seenGain?.days ?? null),
    from: isWeighed ? 'weights' : seenGain ? 'looks' : null,
    gainsSince: scale.gainsSince,
    honeyKg: last.length > 0 ? inBox.reduce((sum, kg) => sum + kg, 0) : null,
    fullKg,
    boxKg: seen.length > 0 ? fullKg / seen.length : 0,
    lastLookDay: last.length > 0 ? Math.max(...last.map(({ day }) => day)) : null,
  };
}

/** What looks tell of every hive: honey in its boxes, and what it adds a day. */
export function hiveGains(
  book: Book,
  looks: readonly KeptStory[],
  weights: readonly HiveWeight[] = [],
): HiveGain[] {
  const storiesOf = groupBy(looks, ({ frame }) => frame.boxId);
  const looksInBox = (boxId: string): Look[][] =>
    (storiesOf.get(boxId) ?? []).map((story) => looksAt(story, book));
  return book.colonies.map(({ entityId }) => gainOfHive(entityId, { book, looksInBox, weights }));
}

/** A gain that began longer ago than this has been seen by now [d]. @source our choice */
const SCALE_DAYS = 14;

/** Since when scales of the yard tell of a flow; weights of long ago tell nothing of now. */
export function scaleSince(gains: readonly HiveGain[], today: number): number | null {
  const since = gains
    .flatMap(({ gainsSince }) => gainsSince ?? [])
    .filter((day) => day >= today - SCALE_DAYS);
  return since.length > 0 ? Math.min(...since) : null;
}
