import { expect, test } from '@jest/globals';
import { countingScribe } from '../../../records/test/sampleLot';
import { sampleRoom } from '../../../records/test/sampleRoom';
import type { WarmRoomRecord } from '../../../records';
import { actStore } from '../../test/actStore';
import { addRain, removeRain } from './rainActs';

const ROOM = sampleRoom(countingScribe('room'))[0] as WarmRoomRecord;

test('rain is added in the order of its days, taken out again, and undone', async () => {
  const acts = await actStore([ROOM]);
  const room = async () => (await acts.stored('warm-room'))[0]!;
  const [early, late] = [
    { fromDay: '2026-08-12', toDay: '2026-08-14' },
    { fromDay: '2026-08-20', toDay: '2026-08-20' },
  ];
  await acts.does(addRain(await room(), late));
  await acts.does(addRain(await room(), early));
  expect((await room()).content.rain).toEqual([early, late]);
  const [first] = (await room()).content.rain!;
  await acts.does(removeRain(await room(), first!));
  expect((await room()).content.rain).toEqual([late]);
  await acts.undoes();
  expect((await room()).content.rain).toEqual([early, late]);
});
