import { bookOf, colonyOf, eyeOfReader } from '../src/model';
import { firstRevision, type AnyRecord } from '../src/records';
import { PLAIN_DAY } from './hives';
import { EVENING_DAYS_AGO } from './practice';
import { dayBefore, demoScribe } from './scribe';

/** The same box at a glance: the practised eye sees too much and is known to, the other is anyone's. */
const GLANCES = [
  { reader: 'KT', cappedTenths: 9 },
  { reader: 'RO', cappedTenths: 6 },
] as const;

/** A box that two people judged on one day, and left on the hive: they do not agree. */
export function oneBoxTwice(
  todayMs: number,
  { hives, practice }: { hives: readonly AnyRecord[]; practice: readonly AnyRecord[] },
): AnyRecord[] {
  const day = dayBefore(todayMs, EVENING_DAYS_AGO);
  const book = bookOf(hives);
  const [box] = book.boxes;
  const hive = colonyOf(book, box?.content.colonyId ?? null)?.content.name ?? '';
  const looks = practice.filter((record) => record.kind === 'practice-look');
  const harvest = firstRevision(demoScribe('twice', todayMs, EVENING_DAYS_AGO), 'harvest', {
    ...PLAIN_DAY,
    name: 'Two people, one box',
    day,
    flowId: null,
    remark: 'Each judged by eye, before the other said anything. Nothing taken yet.',
  });
  const glances = GLANCES.map(({ reader, cappedTenths }) => {
    const eye = eyeOfReader(looks, reader);
    return firstRevision(
      demoScribe(`twice-${reader}`, todayMs, EVENING_DAYS_AGO, reader),
      'stroke',
      {
        scope: 'box',
        label: `${hive}, ${box?.content.label ?? ''}`,
        yardId: null,
        boxIds: box ? [box.entityId] : [],
        boxes: 1,
        framesPerBox: 10,
        formatId: box?.content.formatId ?? 'langstroth-medium',
        honeyTenths: 9,
        cappedTenths,
        shake: 'not-done',
        start: 0.5,
        sampleSize: 1,
        looks: [],
        ...(eye && { eye }),
        act: 'leave',
        remark: '',
      },
      harvest.entityId,
    );
  });
  return [harvest, ...glances];
}
