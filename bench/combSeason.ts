/** A season of many frame checks, for the benchmarks: days, boxes, frames, looks. */
import { bookOf, freshLook, freshSide, undecided, type FrameLook } from '../src/model';
import { firstRevision, type AnyRecord, type RecordOf, type Scribe } from '../src/records';

const FRAMES_IN_BOX = 10;
const BOXES_A_DAY = 200;

/** Repeats every time. */
function numbers(): () => number {
  let state = 7;
  return () => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state / 2147483648;
  };
}

function scribe(): Scribe {
  let count = 0;
  return {
    newId: () => `b-${(count += 1)}`,
    now: () => new Date(Date.UTC(2026, 5, 1) + count * 1000).toISOString(),
    author: 'HH',
  };
}

function look(random: () => number): FrameLook {
  const sides = [0, 1].map(() => ({
    ...freshSide(),
    quick: {
      honeyTenths: 5 + Math.floor(random() * 6),
      cappedTenths: Math.floor(random() * 11),
      undrawnTenths: 0,
      broodTenths: 0,
    },
    shake: random() < 0.3 ? ('nothing-fell' as const) : ('not-done' as const),
  }));
  return { ...freshLook(), sides };
}

/** All records of a season with so many looks at frames, a tenth of them on each day. */
export function combSeason(looks: number): AnyRecord[] {
  const write = scribe();
  const random = numbers();
  const yard = firstRevision(write, 'yard', { name: 'Yard', climate: 'ordinary', remark: '' });
  const records: AnyRecord[] = [yard];
  const boxes = Math.ceil(looks / FRAMES_IN_BOX);
  let harvest: RecordOf<'harvest'> | null = null;
  for (let at = 0; at < boxes; at += 1) {
    if (at % BOXES_A_DAY === 0) {
      const day = String(1 + at / BOXES_A_DAY).padStart(2, '0');
      harvest = firstRevision(write, 'harvest', {
        name: `Day ${day}`,
        day: `2026-07-${day}`,
        schoolId: 'four-fifths',
        timing: 'after-each-flow',
        stays: 'clear',
        flowId: null,
        clearing: { method: 'smoke', agent: '', contactHours: null, leadDays: null },
        outdoorTemperatureC: 22,
        relativeHumidity: 0.6,
        honeyKind: 'ordinary',
        ruleSetId: 'eu-2001-110',
        targetPercent: 18,
        bucketKg: 14,
        remark: '',
      });
      records.push(harvest);
    }
    if (!harvest) continue;
    const hive = firstRevision(write, 'colony', {
      yardId: yard.entityId,
      name: `Hive ${at + 1}`,
      keep: null,
      health: 'sound',
      remark: '',
    });
    const box = firstRevision(write, 'box', {
      boxKind: 'box',
      label: `Box ${at + 1}`,
      yardId: yard.entityId,
      colonyId: hive.entityId,
      role: 'honey',
      formatId: 'langstroth-medium',
      slots: FRAMES_IN_BOX,
      excluder: true,
      newComb: false,
      lastHoney: '',
      cleanedSince: false,
      onDay: '2026-05-01',
      offDay: null,
      earlier: [],
    });
    records.push(hive, box);
    for (let slot = 1; slot <= FRAMES_IN_BOX; slot += 1) {
      const place = { boxId: box.entityId, slot };
      const frame = firstRevision(
        write,
        'frame',
        {
          ...place,
          sinceDay: '2026-05-01',
          earlier: [],
          hiveId: hive.entityId,
          formerBrood: false,
        },
        box.entityId,
      );
      const check = firstRevision(
        write,
        'frame-check',
        {
          ...place,
          harvestId: harvest.entityId,
          frameId: frame.entityId,
          day: harvest.content.day,
          ...look(random),
          decision: undecided('four-fifths'),
        },
        box.entityId,
      );
      records.push(frame, check);
    }
  }
  return records;
}

/** The book of such a season and its first day. */
export function firstDayOf(records: readonly AnyRecord[]) {
  const book = bookOf(records);
  const harvest = book.harvests.at(-1);
  if (!harvest) throw new Error('the season has no day');
  return { book, harvest };
}
