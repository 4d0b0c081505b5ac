import { DEFAULT_FORMAT_ID, groupBy } from '../../../core';
import type { Book } from '../../../model';
import {
  firstRevision,
  type AnyRecord,
  type ColonyContent,
  type Scribe,
  type Yard,
} from '../../../records';
import { perform, type ActOptions, type RecordAct } from '../../../store';
import type { ManyHives } from '../../forms/hives/manyHivesForm';
import { combWords } from '../../words/english/comb';
import { seasonWords } from '../../words/english/season';

/** A box as most hives have it: over an excluder, with drawn comb. */
const boxOn = (
  scribe: Scribe,
  {
    hive,
    yardId,
    onDay,
    number,
  }: { hive: AnyRecord; yardId: string; onDay: string | null; number: number },
): AnyRecord =>
  firstRevision(scribe, 'box', {
    boxKind: 'box',
    label: combWords.boxNumber({ number }),
    yardId,
    colonyId: hive.entityId,
    role: 'honey',
    formatId: DEFAULT_FORMAT_ID,
    slots: 10,
    excluder: true,
    newComb: false,
    lastHoney: '',
    cleanedSince: false,
    onDay,
    offDay: null,
    earlier: [],
  });

/** A hive to add, with the boxes on it. */
export interface NewHive {
  readonly yard: string;
  readonly name: string;
  /** honey boxes on it */
  readonly boxes: number;
  /** when they were put on; null where nobody knows */
  readonly onDay: string | null;
}

/** Hives by number, each with the same boxes. */
export const hivesByNumber = (many: ManyHives): NewHive[] =>
  Array.from({ length: many.last - many.first + 1 }, (_, at) => ({
    yard: many.yard,
    name: `${many.prefix} ${many.first + at}`,
    boxes: many.boxes,
    onDay: many.onDay,
  }));

const isCalled = (name: string, other: string): boolean =>
  name.toLowerCase() === other.toLowerCase();

/** A hive with its boxes. */
function hiveOf(
  scribe: Scribe,
  hive: NewHive,
  content: Omit<ColonyContent, 'name' | 'keep' | 'remark'>,
): AnyRecord[] {
  const { name, onDay } = hive;
  const colony = firstRevision(scribe, 'colony', { ...content, name, keep: null, remark: '' });
  const { yardId } = content;
  const numbers = Array.from({ length: hive.boxes }, (_, at) => at + 1);
  return [
    colony,
    ...numbers.map((number) => boxOn(scribe, { hive: colony, yardId, onDay, number })),
  ];
}

interface HivesToAdd {
  readonly book: Book;
  /** of all of them */
  readonly health: ColonyContent['health'];
}

/**
 * Hives with their yards and boxes, in one act. A yard of that name is taken as it is, and hives that it has
 * already are left alone.
 */
export function addHives(
  hives: readonly NewHive[],
  { book, health }: HivesToAdd,
  options: ActOptions = {},
): RecordAct {
  const yardCalled = (yard: string): Yard | undefined =>
    book.yards.find(({ content }) => isCalled(content.name, yard));
  const isThere = ({ yard, name }: NewHive): boolean =>
    book.colonies.some(
      ({ content }) =>
        content.yardId === yardCalled(yard)?.entityId && isCalled(content.name, name),
    );
  const fresh = hives.filter((hive) => !isThere(hive));
  const byYard = groupBy(fresh, ({ yard }) => yard.toLowerCase());
  const names = [...byYard.values()].map(([first]) => first?.yard ?? '');
  return perform(
    seasonWords.hivesAdded({ hives: fresh.length, yard: names.join(', ') }),
    (scribe) =>
      [...byYard.values()].flatMap((own): AnyRecord[] => {
        const name = own[0]?.yard ?? '';
        const known = yardCalled(name);
        const yard =
          known ?? firstRevision(scribe, 'yard', { name, climate: 'not-said', remark: '' });
        const content = { yardId: yard.entityId, health };
        const added = own.flatMap((hive) => hiveOf(scribe, hive, content));
        return known ? added : [yard, ...added];
      }),
    options,
  );
}
