import { DAY_MS, schoolOf, DEFAULT_SCHOOL_ID } from '../src/core';
import {
  bookOf,
  colonyOf,
  harvestFileOf,
  lotFrameOfSurvey,
  lotFramesContent,
  surveyPartsOfDay,
  type Meters,
} from '../src/model';
import { firstRevision, freshLotContent, type AnyRecord } from '../src/records';
import { PLAIN_DAY } from './hives';
import { signedDemo } from './signed';
import { dayBefore, demoScribe } from './scribe';

/** When the boxes were judged and taken, sold, and the treatment written down at last [days ago]. */
const TAKEN = 25;
const SOLD = 20;
const HIVES = ['Hive 4', 'Hive 5', 'Hive 8'] as const;

const NAME = 'Field yard, clover boxes';

/**
 * A whole yard judged in one go, signed, and sold; then somebody writes down that one of its hives was
 * treated with the honey boxes on. The jars are to be called back.
 *
 * @param hives - places and days of the demo, before that treatment
 */
export function calledBack(
  todayMs: number,
  hives: readonly AnyRecord[],
  meters: Meters,
): AnyRecord[] {
  const scribe = demoScribe('late', todayMs, TAKEN);
  const day = dayBefore(todayMs, TAKEN);
  const book = bookOf(hives);
  const boxes = book.boxes.filter((box) =>
    HIVES.some((name) => colonyOf(book, box.content.colonyId)?.content.name === name),
  );
  const harvest = firstRevision(scribe, 'harvest', { ...PLAIN_DAY, name: NAME, day, flowId: null });
  const survey = firstRevision(
    scribe,
    'stroke',
    {
      scope: 'yard',
      label: 'Field yard',
      yardId: boxes[0]?.content.yardId ?? null,
      boxIds: boxes.map((box) => box.entityId),
      boxes: boxes.length,
      framesPerBox: 10,
      formatId: 'langstroth-medium',
      honeyTenths: 9,
      cappedTenths: 9,
      shake: 'nothing-fell',
      start: 0.4,
      sampleSize: 4,
      looks: [3, 10, 18, 25].map((position) => ({ position, cappedTenths: 9 })),
      act: 'take',
      remark: '',
    },
    harvest.entityId,
  );
  const file = harvestFileOf([harvest, survey], harvest.entityId);
  const frames = surveyPartsOfDay(survey, { book, harvest, file }).map((part) =>
    lotFrameOfSurvey(survey, part, { book, harvest }),
  );
  const lot = firstRevision(scribe, 'lot', {
    ...freshLotContent(`${day.slice(2).replaceAll('-', '')}-b`, day),
    name: NAME,
    origin: 'Field yard: Hive 4, Hive 5, Hive 8',
    plant: 'clover and borage',
    category: 'blossom',
    storageTemperatureC: 14,
    remark: 'Judged in one go, yard and all; sold before anybody thought of the strips in Hive 8.',
  });
  const lotId = lot.entityId;
  const basis = {
    harvestId: harvest.entityId,
    school: schoolOf(DEFAULT_SCHOOL_ID),
    climate: 'ordinary',
  } as const;
  const composition = firstRevision(scribe, 'lot-frames', lotFramesContent(frames, basis), lotId);
  const container = firstRevision(
    scribe,
    'container',
    {
      containerKind: 'bucket',
      label: 'Bucket',
      count: 3,
      amount: { by: 'mass', massKg: 14, plusMinusKg: 0.1 },
      suspects: [],
    },
    lotId,
  );
  const readings = [16.4, 16.6, 16.4].map((dialValue, at) =>
    firstRevision(
      scribe,
      'reading',
      {
        containerId: container.entityId,
        item: at + 1,
        spot: 'stirred',
        instrumentId: null,
        scale: 'water',
        dialValue,
        temperatureC: 21,
        honeyTemperatureC: null,
        atc: false,
        atcRangeC: null,
        resolution: 0.2,
        zeroCheck: 'checked',
        sample: 'clear',
        takenAt: scribe.now(),
        reader: 'HH',
        source: 'typed',
        settledStandard: null,
        practice: false,
        remark: '',
      },
      lotId,
    ),
  );
  const evidence = [lot, composition, container, ...readings];
  const ruling = firstRevision(scribe, 'ruling', signedDemo(evidence, 'HH', meters), lotId);
  const at = (daysAgo: number): string => new Date(todayMs - daysAgo * DAY_MS + 4e7).toISOString();
  const packing = firstRevision(
    scribe,
    'packing',
    {
      code: `${lot.content.code}.1`,
      packedAt: at(SOLD + 1),
      jarG: 500,
      count: 28,
      from: [{ containerId: container.entityId, item: 1, massKg: 14 }],
      bestBefore: dayBefore(todayMs, -300),
      remark: '',
    },
    lotId,
  );
  const out = [
    { count: 12, to: 'ferry landing stall', firstNumber: 1 },
    { count: 8, to: 'island shop', firstNumber: 13 },
    { count: 3, to: 'lighthouse crew', firstNumber: 21 },
  ].map((move) =>
    firstRevision(
      scribe,
      'jar-move',
      {
        ...move,
        packingId: packing.entityId,
        act: 'given-out',
        purpose: 'sale',
        at: at(SOLD),
        remark: '',
      },
      lotId,
    ),
  );
  const [, , crew] = out;
  const foundLater = firstRevision(
    demoScribe('late-told', todayMs, 1),
    'call-back',
    { jarMoveId: crew!.entityId, done: 'returned', at: at(1), remark: '' },
    lotId,
  );
  const treated = book.colonies.find((colony) => colony.content.name === 'Hive 8');
  const given = firstRevision(demoScribe('late-given', todayMs, 2), 'given', {
    givenKind: 'treatment',
    name: 'formic strips',
    colonyIds: treated ? [treated.entityId] : [],
    fromDay: dayBefore(todayMs, TAKEN + 8),
    toDay: dayBefore(todayMs, TAKEN - 2),
    boxesOn: true,
    waitDays: 14,
    fromTemperatureC: 10,
    toTemperatureC: 29,
    remark: 'Written down late: the boxes were on.',
  });
  return [harvest, survey, ...evidence, ruling, packing, ...out, given, foundLater];
}
