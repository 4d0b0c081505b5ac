import { bookOf, type Book } from '../../model/day/book';
import type { BoxContent } from '../hives/box';
import type { FrameCheckContent } from '../hives/frameCheck';
import { freshLook, freshSide, type FrameLook } from '../../model/day/freshLook';
import type { GivenContent } from '../hives/given';
import type { HarvestContent } from '../hives/harvest';
import type { SurveyContent } from '../hives/survey';
import { lookRecords } from '../../model/day/lookRecords';
import type { AnyRecord, RecordOf } from '../record';
import { firstRevision, type Scribe } from '../revise';
import { countingScribe } from './sampleLot';

export const SAMPLE_DAY: HarvestContent = {
  name: 'First visit',
  day: '2026-08-10',
  schoolId: 'four-fifths',
  timing: 'after-each-flow',
  stays: 'clear',
  flowId: null,
  clearing: { method: 'smoke', agent: '', contactHours: null, leadDays: null },
  outdoorTemperatureC: 24,
  relativeHumidity: 0.5,
  honeyKind: 'ordinary',
  ruleSetId: 'eu-2001-110',
  targetPercent: 18,
  bucketKg: 14,
  remark: '',
};

/** Ten boxes of a row judged at once, by eye. */
export const SAMPLE_SURVEY: SurveyContent = {
  scope: 'yard',
  label: 'Row',
  yardId: null,
  boxes: 10,
  framesPerBox: 10,
  formatId: 'langstroth-medium',
  honeyTenths: 10,
  cappedTenths: 9,
  shake: 'not-done',
  start: 0.5,
  sampleSize: 5,
  looks: [],
  act: 'take',
  remark: '',
};

/** A yard with two hives, a box on the first, a tote, a flow, and one day. */
export interface SampleYard {
  readonly scribe: Scribe;
  readonly records: AnyRecord[];
  readonly hives: readonly [RecordOf<'colony'>, RecordOf<'colony'>];
  readonly box: RecordOf<'box'>;
  readonly tote: RecordOf<'box'>;
  readonly harvest: RecordOf<'harvest'>;
}

/** A honey box that stands on a hive since June. */
export const SAMPLE_BOX: Omit<BoxContent, 'yardId' | 'colonyId'> = {
  boxKind: 'box',
  label: 'Box 1',
  role: 'honey',
  formatId: 'langstroth-medium',
  slots: 10,
  excluder: true,
  newComb: false,
  lastHoney: '',
  cleanedSince: false,
  onDay: '2026-06-01',
  offDay: null,
  earlier: [],
};

export function sampleYard(day: Partial<HarvestContent> = {}, stem = 'y'): SampleYard {
  const scribe = countingScribe(stem);
  const yard = firstRevision(scribe, 'yard', { name: 'Dyke', climate: 'damp', remark: '' });
  const hive = (name: string) =>
    firstRevision(scribe, 'colony', {
      yardId: yard.entityId,
      name,
      keep: null,
      health: 'sound',
      remark: '',
    });
  const hives = [hive('Hive 7'), hive('Hive 8')] as const;
  const yardId = yard.entityId;
  const box = firstRevision(scribe, 'box', { ...SAMPLE_BOX, yardId, colonyId: hives[0].entityId });
  const tote = firstRevision(scribe, 'box', {
    ...SAMPLE_BOX,
    boxKind: 'tote',
    label: 'Tote A',
    yardId: null,
    colonyId: null,
    onDay: null,
  });
  const flow = firstRevision(scribe, 'flow', {
    name: 'Sea lavender',
    plant: 'sea lavender',
    yardIds: [yard.entityId],
    expectedStart: '2026-07-20',
    expectedEnd: '2026-08-20',
    observedStart: null,
    observedEnd: null,
    remark: '',
  });
  const harvest = firstRevision(scribe, 'harvest', {
    ...SAMPLE_DAY,
    flowId: flow.entityId,
    ...day,
  });
  return { scribe, hives, box, tote, harvest, records: [yard, ...hives, box, tote, flow, harvest] };
}

/** A look with so many tenths capped on each side. */
export function sampleLook(
  tenths: readonly [number, number],
  change: Partial<FrameLook> = {},
): FrameLook {
  const sides = tenths.map((cappedTenths) => ({
    ...freshSide(),
    quick: { honeyTenths: 10, cappedTenths, undrawnTenths: 0, broodTenths: 0 },
  }));
  return { ...freshLook(), sides, ...change };
}

/** Looks at the first frames of the sample box, as records. */
export function sampleLooks(
  yard: SampleYard,
  looks: readonly FrameLook[],
  known: readonly AnyRecord[] = [],
): AnyRecord[] {
  const { scribe, box, harvest, records } = yard;
  const placed = looks.map((look, at) => ({ slot: at + 1, look }));
  return lookRecords(scribe, { harvest, box, looks: placed, known }, bookOf(records));
}

export function sampleBook(yard: SampleYard, more: readonly AnyRecord[] = []): Book {
  return bookOf([...yard.records, ...more]);
}

/** Something given to the first hive. */
export function sampleGiven(yard: SampleYard, change: Partial<GivenContent> = {}): AnyRecord {
  return firstRevision(yard.scribe, 'given', {
    givenKind: 'treatment',
    name: 'thymol strips',
    colonyIds: [yard.hives[0].entityId],
    fromDay: '2026-08-01',
    toDay: '2026-08-08',
    boxesOn: true,
    staysDays: null,
    waitDays: 0,
    fromTemperatureC: null,
    toTemperatureC: null,
    remark: '',
    ...change,
  });
}

/** How honey is taken off, and a forecast of one day for a yard. */
export function sampleSeason(yard: SampleYard): AnyRecord[] {
  const { scribe, records, hives, harvest } = yard;
  const yardId = records[0]!.entityId;
  const [first, second] = hives;
  return [
    firstRevision(scribe, 'hive-weight', {
      colonyId: first.entityId,
      day: '2026-08-09',
      massKg: 48.5,
      source: 'typed',
    }),
    firstRevision(
      scribe,
      'leaving-act',
      {
        colonyId: first.entityId,
        step: 'take-from',
        fromColonyId: second.entityId,
        at: '2026-08-10T10:00:00.000Z',
      },
      harvest.entityId,
    ),
    firstRevision(scribe, 'season-plan', {
      timing: 'after-each-flow',
      weekdays: [6],
      helpDay: null,
      boxesOffBy: '2026-10-04',
      escapeDays: 3,
    }),
    firstRevision(scribe, 'weather', {
      yardId,
      source: 'typed',
      days: [{ day: '2026-08-11', highestC: 22, lowestC: 11, rainMm: null }],
    }),
  ];
}

/** The looks among some records, in order. */
export function checksIn(records: readonly AnyRecord[]): FrameCheckContent[] {
  return records.flatMap((record) => (record.kind === 'frame-check' ? [record.content] : []));
}
