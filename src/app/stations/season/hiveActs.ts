import { DEFAULT_FORMAT_ID } from '../../../core';
import type { Book } from '../../../model';
import { firstRevision, type AnyRecord, type Scribe } from '../../../records';
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

/**
 * A yard with hives by number and boxes on each, in one act. A yard of that name is taken as it is, and hives
 * that it has already are left alone.
 */
export function addHives(
  { yard: name, prefix, first, last, boxes, onDay, health }: ManyHives,
  book: Book,
  options: ActOptions = {},
): RecordAct {
  const known = book.yards.find(({ content }) => content.name === name);
  const there = new Set(
    book.colonies
      .filter(({ content }) => content.yardId === known?.entityId)
      .map(({ content }) => content.name),
  );
  const names = Array.from({ length: last - first + 1 }, (_, at) => `${prefix} ${first + at}`);
  const fresh = names.filter((hive) => !there.has(hive));
  return perform(
    seasonWords.hivesAdded({ hives: fresh.length, yard: name }),
    (scribe) => {
      const yard =
        known ?? firstRevision(scribe, 'yard', { name, climate: 'not-said', remark: '' });
      const yardId = yard.entityId;
      const hives = fresh.flatMap((hiveName): AnyRecord[] => {
        const content = { yardId, name: hiveName, keep: null, health, remark: '' };
        const hive = firstRevision(scribe, 'colony', content);
        const numbers = Array.from({ length: boxes }, (_, at) => at + 1);
        return [hive, ...numbers.map((number) => boxOn(scribe, { hive, yardId, onDay, number }))];
      });
      return known ? hives : [yard, ...hives];
    },
    options,
  );
}
