import { describe, expect, test } from '@jest/globals';
import { boxPlaces, harvestFileOf, lastLooks, looksAgainDue } from './harvestFile';
import { judgeFrames, judgingOf, keepTargetsKg } from './judging';
import type { AnyRecord, RecordOf } from '../../records/record';
import { parseRecordFile, recordFileOf } from '../../records/exchange/recordFile';
import { firstRevision, nextRevision } from '../../records/revise';
import { combStays } from './stays';
import {
  SAMPLE_DAY,
  checksIn,
  sampleBook,
  sampleGiven,
  sampleLook,
  sampleLooks,
  sampleYard,
  type SampleYard,
} from '../../records/test/sampleYard';
import { inEnglish } from '../../core/test/inEnglish';

function judgedOn(yard: SampleYard, looks: readonly AnyRecord[], more: readonly AnyRecord[] = []) {
  const { stories } = harvestFileOf([...yard.records, ...looks], yard.harvest.entityId);
  return judgeFrames(stories, judgingOf(sampleBook(yard, more), yard.harvest));
}

describe('a day at the hives from its records', () => {
  test('everything of it is a file that the application itself would import', () => {
    const yard = sampleYard();
    const records = [...yard.records, ...sampleLooks(yard, [sampleLook([9, 9])])];
    const read = parseRecordFile(JSON.stringify(recordFileOf(records, '2026-08-10T00:00:00.000Z')));
    expect(read).toMatchObject({ ok: true });
  });

  test('frames are judged by the school of the day, and a correction replaces the look', () => {
    const yard = sampleYard();
    const looks = sampleLooks(yard, [sampleLook([9, 9]), sampleLook([9, 3])]);
    expect(judgedOn(yard, looks).map((judgedFrame) => judgedFrame.act)).toEqual([
      'take',
      'put-back',
    ]);
    const second = looks.filter(
      (look) => look.kind === 'frame-check',
    )[1] as RecordOf<'frame-check'>;
    const content = { ...second.content, ...sampleLook([9, 9]) };
    const corrected = nextRevision(yard.scribe, second, { content, reason: 'Looked again' });
    expect(judgedOn(yard, [...looks, corrected]).map((judgedFrame) => judgedFrame.act)).toEqual([
      'take',
      'take',
    ]);
  });

  test('what the keeper did otherwise stays, also under another school', () => {
    const yard = sampleYard();
    const looks = sampleLooks(yard, [sampleLook([9, 9])]);
    const check = looks.find((look) => look.kind === 'frame-check')!;
    const decision = { ...check.content.decision, act: 'leave' as const, because: 'for the bees' };
    const kept = nextRevision(yard.scribe, check, {
      content: { ...check.content, decision },
      reason: 'x',
    });
    const strict = {
      ...yard,
      harvest: { ...yard.harvest, content: { ...SAMPLE_DAY, schoolId: 'full-capping' } },
    };
    for (const day of [yard, strict]) {
      expect(judgedOn(day, [...looks, kept])[0]).toMatchObject({ act: 'leave', overridden: true });
    }
  });
});

describe('treatments and feeds', () => {
  test('comb on the hive meanwhile is blocked, whatever its capping, and cannot be taken by choice', () => {
    const yard = sampleYard();
    const looks = sampleLooks(yard, [sampleLook([10, 10])]);
    const check = looks.find((look) => look.kind === 'frame-check')!;
    expect(checksIn(looks)[0]?.decision.act).toBe('take');
    const given = sampleGiven(yard);
    expect(judgedOn(yard, looks, [given])[0]).toMatchObject({ act: 'leave' });
    // the keeper had chosen to take another frame by hand before the treatment was recorded
    const decision = {
      ...check.content.decision,
      proposed: 'leave' as const,
      act: 'take' as const,
    };
    const chosen = nextRevision(yard.scribe, check, {
      content: { ...check.content, decision },
      reason: 'x',
    });
    expect(judgedOn(yard, [...looks, chosen], [given])[0]).toMatchObject({
      act: 'leave',
      overridden: false,
    });
  });

  test('with the label read and a reason typed it may be taken', () => {
    const yard = sampleYard();
    const looks = sampleLooks(yard, [sampleLook([10, 10], { blockExcuse: 'label allows it' })]);
    expect(judgedOn(yard, looks, [sampleGiven(yard)])[0]?.act).toBe('take');
  });

  test('out on the day before it goes in is free; syrup with the boxes on is not honey', () => {
    const yard = sampleYard();
    const looks = sampleLooks(yard, [sampleLook([10, 10])]);
    const today = sampleGiven(yard, { fromDay: '2026-08-10', toDay: null, boxesOn: false });
    expect(judgedOn(yard, looks, [today])[0]?.act).toBe('take');
    const syrup = sampleGiven(yard, { givenKind: 'feed', name: 'syrup' });
    expect(inEnglish(judgedOn(yard, looks, [syrup])[0]?.decision.sentence)).toContain(
      'may contain syrup',
    );
  });

  test('stays of a comb: where its frame hung while its box stood there', () => {
    const yard = sampleYard();
    const [first, second] = yard.hives;
    const moved = nextRevision(yard.scribe, yard.box, {
      content: {
        ...yard.box.content,
        colonyId: second.entityId,
        onDay: '2026-07-15',
        earlier: [
          { colonyId: first.entityId, role: 'honey', onDay: '2026-06-01', offDay: '2026-07-10' },
        ],
      },
      reason: 'moved',
    });
    const frame = {
      boxId: yard.box.entityId,
      slot: 1,
      sinceDay: '2026-07-01',
      earlier: [],
      hiveId: first.entityId,
      formerBrood: false,
    };
    const stays = combStays(frame, sampleBook(yard, [moved]));
    expect(stays.map((stay) => [stay.colonyId, stay.as])).toEqual([
      [first.entityId, 'honey'],
      [second.entityId, 'honey'],
    ]);
    expect(stays[0]!.toDay! - stays[0]!.fromDay!).toBe(9);
    const away = { ...frame, boxId: yard.tote.entityId, sinceDay: '2026-07-05', earlier: [] };
    expect(combStays(away, sampleBook(yard))).toEqual([]);
    const nest = combStays({ ...frame, formerBrood: true }, sampleBook(yard, [moved]));
    expect(nest.every((combStay) => combStay.as === 'brood')).toBe(true);
  });
});

describe('looking again', () => {
  test('the same frame on another day: its own rate, and a day on which to look', () => {
    const first = sampleYard({ day: '2026-08-01' });
    const before = sampleLooks(first, [sampleLook([2, 2])]);
    const later = firstRevision(first.scribe, 'harvest', {
      ...first.harvest.content,
      day: '2026-08-09',
      name: 'Second visit',
    });
    const yard = { ...first, harvest: later, records: [...first.records, later] };
    const now = sampleLooks(yard, [sampleLook([6, 6])], before);
    const [judged] = judgedOn(yard, [...before, ...now]);
    expect(judged?.earlier).toHaveLength(1);
    expect(judged?.finishing?.ratePerDay).toBeCloseTo(0.04, 2);
    expect(judged?.finishing?.probability).toBeGreaterThan(0.7);
    const due = looksAgainDue(lastLooks([...yard.records, ...before, ...now]));
    expect(due.map((keptStory) => keptStory.check.decision.lookAgainDay)).toEqual(['2026-08-16']);
    const taken = sampleLooks(yard, [sampleLook([9, 9])], before);
    expect(looksAgainDue(lastLooks([...yard.records, ...before, ...taken]))).toEqual([]);
  });

  test('a box as it hangs: places with their frame, today’s look and earlier ones', () => {
    const yard = sampleYard();
    const looks = sampleLooks(yard, [sampleLook([9, 9]), sampleLook([1, 1])]);
    const places = boxPlaces([...yard.records, ...looks], yard.box.entityId, {
      harvestId: yard.harvest.entityId,
      slots: 10,
    });
    expect(places).toHaveLength(10);
    expect(places.map((place) => place.today !== null).filter(Boolean)).toHaveLength(2);
    const other = boxPlaces([...yard.records, ...looks], yard.box.entityId, {
      harvestId: 'another-day',
      slots: 10,
    });
    expect(other[0]).toMatchObject({ today: null });
    expect(other[0]?.earlier).toHaveLength(1);
  });
});

describe('what stays', () => {
  test('targets in frames count full frames of the hive’s own format', () => {
    const yard = sampleYard();
    const [hive] = yard.hives;
    const keeping = nextRevision(yard.scribe, hive, {
      content: { ...hive.content, keep: { by: 'frames', frames: 2 } },
      reason: 'x',
    });
    const kg = keepTargetsKg(sampleBook(yard, [keeping])).get(hive.entityId)!;
    expect(Math.abs(kg - 3.6)).toBeLessThan(0.1);
    const boxed = nextRevision(yard.scribe, hive, {
      content: { ...hive.content, keep: { by: 'boxes', boxes: 1 } },
      reason: 'x',
    });
    const boxKg = keepTargetsKg(sampleBook(yard, [boxed])).get(hive.entityId)!;
    expect(boxKg).toBeCloseTo(5 * kg, 6);
    expect(keepTargetsKg(sampleBook(yard)).size).toBe(0);
  });
});

test('without a word on what flows, a frame that goes back is looked at again within a week', () => {
  const bare = sampleYard({ flowId: null });
  const records = [...bare.records, ...sampleLooks(bare, [sampleLook([5, 5])])];
  const [look] = lastLooks(records);
  expect(look?.check.decision).toMatchObject({ act: 'put-back', lookAgainDay: '2026-08-17' });
});
