import {
  FRAME_FORMATS,
  RULE_SETS,
  schoolOf,
  type FrameFormat,
  type Given,
  type RuleSet,
  type School,
} from '../../core';
import {
  type AnyRecord,
  type Box,
  type Colony,
  coreRuleSet,
  current,
  type Flow,
  type GivenRecord,
  type Harvest,
  heads,
  holdingOf,
  type Instrument,
  type OwnRuleSet,
  type OwnSchoolContent,
  type RecordKind,
  type RecordOf,
  type Yard,
} from '../../records';
import { dayNumber } from '../days';
import { metersOf, type Meters } from '../lot/meters';

/** Places, hives, boxes, flows, what was given, days at the hives, own kinds, meters: what holds now. */
export interface Book {
  readonly yards: readonly Yard[];
  readonly colonies: readonly Colony[];
  readonly boxes: readonly Box[];
  readonly flows: readonly Flow[];
  readonly givens: readonly GivenRecord[];
  readonly harvests: readonly Harvest[];
  /** the keeper's own, in the shape of the core */
  readonly schools: readonly School[];
  /** the shipped ones first, then the keeper's own; withdrawn ones too, for the lots they ruled */
  readonly ruleSets: readonly RuleSet[];
  /** own ones that can still be chosen */
  readonly ownRuleSets: readonly OwnRuleSet[];
  /** own ones first, then the shipped catalogue */
  readonly formats: readonly FrameFormat[];
  /** what was given, in the shape of the core */
  readonly given: readonly Given[];
  /** by name */
  readonly instruments: readonly Instrument[];
  /** meters with their checks */
  readonly meters: Meters;
  /** everything that can be looked up, by its id */
  readonly byId: ReadonlyMap<string, AnyRecord>;
}

const byName = new Intl.Collator('en', { numeric: true });

/** A school of the keeper's own, as the core takes it. */
export function coreSchool(id: string, content: OwnSchoolContent): School {
  return { id, ...content };
}

/** The book from its revisions. */
export function bookOf(records: readonly AnyRecord[]): Book {
  const now = current(records);
  const of = holdingOf(records);
  const instruments = of('instrument').sort((a, b) =>
    byName.compare(a.content.name, b.content.name),
  );
  return {
    instruments,
    meters: metersOf(instruments, of('zero-check')),
    given: of('given').map(givenOf),
    byId: new Map(now.map((record) => [record.entityId, record])),
    yards: of('yard').sort((a, b) => byName.compare(a.content.name, b.content.name)),
    colonies: of('colony').sort((a, b) => byName.compare(a.content.name, b.content.name)),
    boxes: of('box').sort((a, b) => byName.compare(a.content.label, b.content.label)),
    flows: of('flow').sort((a, b) =>
      b.content.expectedStart.localeCompare(a.content.expectedStart),
    ),
    givens: of('given').sort((a, b) => b.content.fromDay.localeCompare(a.content.fromDay)),
    harvests: of('harvest').sort((a, b) => b.content.day.localeCompare(a.content.day)),
    schools: of('school').map((item) => coreSchool(item.entityId, item.content)),
    ruleSets: [
      ...RULE_SETS,
      ...heads(records)
        .filter((head) => head.kind === 'rule-set')
        .map((head) => coreRuleSet(head.entityId, head.content)),
    ],
    ownRuleSets: of('rule-set').sort((a, b) => byName.compare(a.content.name, b.content.name)),
    formats: [
      ...of('format').map((item) => ({ id: item.entityId, ...item.content })),
      ...FRAME_FORMATS,
    ],
  };
}

function find<K extends RecordKind>(book: Book, id: string | null, kind: K): RecordOf<K> | null {
  const found = id === null ? undefined : book.byId.get(id);
  return found?.kind === kind ? (found as RecordOf<K>) : null;
}

export const yardOf = (book: Book, id: string | null): Yard | null => find(book, id, 'yard');
export const colonyOf = (book: Book, id: string | null): Colony | null => find(book, id, 'colony');
export const boxOf = (book: Book, id: string | null): Box | null => find(book, id, 'box');
export const flowOf = (book: Book, id: string | null): Flow | null => find(book, id, 'flow');
export const harvestOf = (book: Book, id: string | null): Harvest | null =>
  find(book, id, 'harvest');

/** The frame format of that id; the first of the catalogue where it is no longer there. */
export function formatOf(book: Book, id: string): FrameFormat {
  const found = book.formats.find((format) => format.id === id) ?? FRAME_FORMATS[0];
  if (!found) throw new Error('the catalogue of frames is empty');
  return found;
}

/** The school that judges on a day, with what the day says of what stays. */
export function schoolOfDay(book: Book, { content }: Pick<Harvest, 'content'>): School {
  return { ...schoolOf(content.schoolId, book.schools), stays: content.stays };
}

/** The yard in which a box is: its own, or that of its hive. */
export function yardOfBox(book: Book, box: Box | null): Yard | null {
  if (!box) return null;
  const colony = colonyOf(book, box.content.colonyId);
  return yardOf(book, colony?.content.yardId ?? box.content.yardId);
}

/** What was given, as the core takes it. */
function givenOf({ entityId, content }: GivenRecord): Given {
  return {
    id: entityId,
    kind: content.givenKind,
    name: content.name,
    colonyIds: content.colonyIds,
    fromDay: dayNumber(content.fromDay),
    toDay: content.toDay === null ? null : dayNumber(content.toDay),
    boxesOn: content.boxesOn,
    waitDays: content.waitDays,
  };
}
