import { describe, expect, test } from '@jest/globals';
import { nextRevision } from '../../records/revise';
import { sampleLook, sampleLooks, sampleYard } from '../../records/test/sampleYard';
import { boxPlaces, harvestFileOf, lastLooks } from './harvestFile';

/** The same frame judged on two phones: the second as if the first had never been. */
function judgedTwice(act: 'take' | 'put-back') {
  const yard = sampleYard();
  const first = sampleLooks(yard, [sampleLook([9, 9])]);
  const second = sampleLooks(yard, [sampleLook([9, 9])]).map((record) => {
    if (record.kind !== 'frame-check') return record;
    const content = { ...record.content, decision: { ...record.content.decision, act } };
    return nextRevision(yard.scribe, record, { content, reason: '' });
  });
  const records = [...yard.records, ...first, ...second];
  return { yard, first, second, records, file: harvestFileOf(records, yard.harvest.entityId) };
}

const frameId = (records: ReturnType<typeof judgedTwice>['first']): string =>
  records.find(({ kind }) => kind === 'frame')!.entityId;

describe('one frame judged on two phones', () => {
  test('is counted once, by the later look where both would take it', () => {
    const { file, first, second } = judgedTwice('take');
    expect(file.stories.map((story) => story.frameId)).toEqual([frameId(second)]);
    expect(file.doubled.map((story) => story.frameId)).toEqual([frameId(first)]);
  });

  test('stays where one would leave it, whoever looked last', () => {
    const { file, second } = judgedTwice('put-back');
    expect(file.stories.map((story) => story.frameId)).toEqual([frameId(second)]);
    const { yard, first, second: late } = judgedTwice('put-back');
    const swapped = harvestFileOf([...yard.records, ...late, ...first], yard.harvest.entityId);
    expect(swapped.stories.map((story) => story.frameId)).toEqual([frameId(late)]);
  });

  test('is one frame in what looks tell of its hive, and a later day counts before an earlier', () => {
    const { yard, first, second } = judgedTwice('put-back');
    const later = first.map((record) =>
      record.kind === 'frame-check'
        ? { ...record, content: { ...record.content, day: '2026-08-19' } }
        : record,
    );
    const looks = lastLooks([...yard.records, ...later, ...second]);
    expect(looks.map((look) => look.frameId)).toEqual([frameId(first)]);
  });

  test('hangs in its place as it was looked at last', () => {
    const { records, second, yard } = judgedTwice('take');
    const box = second.find(({ kind }) => kind === 'frame');
    const boxId = box?.kind === 'frame' ? box.content.boxId : '';
    const places = boxPlaces(records, boxId, { harvestId: yard.harvest.entityId, slots: 10 });
    const hung = places.flatMap(({ frame }) => (frame ? [frame.entityId] : []));
    expect(hung).toEqual([frameId(second)]);
  });
});
