import { describe, expect, test } from '@jest/globals';
import { lineage, nodeBalance, reached } from '../core';
import { bookOf } from './book';
import { honeyHouseOf } from './extractionFile';
import { lotFilesOf } from './lotFile';
import { firstRevision, nextRevision } from './revise';
import { pouredLines } from './pouring';
import { jarStocks, storedVessels } from './store';
import { countingScribe, sampleLot } from './test/sampleLot';
import { sampleStore } from './test/sampleStore';
import { containerNode, jarsNode, lotNode, packingOfCode, traceOf } from './trace';
import { vesselId } from './vesselRef';

const lot = sampleLot();
const [{ ownerId: lotId }, bucket] = [lot[0]!, lot.find((one) => one.kind === 'container')!];
const scribe = countingScribe('store');
const store = sampleStore(scribe, { lotId, containerId: bucket.entityId });
const all = [...lot, ...store];
const files = lotFilesOf(all);
const file = files[0]!;
const blends = all.filter((one) => one.kind === 'blend');
const ticks = all.filter((one) => one.kind === 'blend-tick');
const id = vesselId(bucket.entityId, 1);

describe('what is left', () => {
  const poured = pouredLines(blends, ticks);

  test('of a container: at first, less jars, less what was poured by the scale', () => {
    const [vessel] = storedVessels(file, 17.5, poured);
    expect(poured).toMatchObject([{ vesselId: id, massKg: 2.9, fromLotId: lotId }]);
    expect(vessel!.leftKg).toBeCloseTo(vessel!.firstKg! - 6 - 2.9, 9);
    expect(vessel).toMatchObject({ openedAt: '2026-08-20T10:00:00.000Z', isEmpty: false });
    expect(vessel!.standing).toMatchObject({ kind: 'cellar', place: 'north wall' });
  });

  test('emptied is empty, and no more than there was can be gone', () => {
    const move = (act: 'emptied' | 'taken', massKg: number | null) =>
      firstRevision(
        countingScribe(`move-${act}`),
        'store-move',
        {
          containerId: bucket.entityId,
          item: 1,
          act,
          at: '2026-09-01T10:00:00.000Z',
          placeKind: null,
          place: '',
          temperatureC: null,
          massKg,
          remark: '',
        },
        lotId,
      );
    const emptied = lotFilesOf([...all, move('emptied', null)])[0]!;
    expect(storedVessels(emptied, 17.5, poured)[0]).toMatchObject({ isEmpty: true, leftKg: 0 });
    const taken = lotFilesOf([...all, move('taken', 500)])[0]!;
    expect(storedVessels(taken, 17.5, poured)[0]!.leftKg).toBe(0);
  });

  test('of jars: what was given out comes from what was set aside for it first', () => {
    const [stock] = jarStocks(file);
    expect(stock).toMatchObject({ left: 9, free: 4 });
    expect(stock!.setAside.sale).toBe(5);
    expect(stock!.givenOut.sale).toBe(3);
  });
});

describe('the trace', () => {
  const sources = {
    files,
    book: bookOf([]),
    rooms: [],
    house: honeyHouseOf([]),
    blends,
    poured: pouredLines(blends, ticks),
  };
  const trace = traceOf(sources);
  const [packing] = file.packings;
  const jars = jarsNode(packing!.entityId);

  test('leads from a jar to its container and lot, and on to who has it', () => {
    const shown = lineage(trace.edges, jars);
    expect(shown).toContain(lotNode(lotId));
    expect(shown).toContain(containerNode(id));
    expect(shown).toContain('receiver:market stall');
  });

  test('mass in and out balances along the way', () => {
    expect(nodeBalance(trace.edges, jars)).toMatchObject({ inKg: 6, outKg: 1.5 });
    const { inKg, outKg } = nodeBalance(trace.edges, containerNode(id));
    expect(outKg).toBeCloseTo(8.9, 9);
    expect(inKg).toBeGreaterThan(outKg);
  });

  test('a blended lot has its parents, and their jars are apart from its own', () => {
    const other = firstRevision(countingScribe('blended'), 'lot', {
      ...file.lot.content,
      code: 'blended',
    });
    const [blend] = blends;
    const tanks = blend!.content.tanks.map((one) => ({ ...one, lotId: other.entityId }));
    const poured = nextRevision(countingScribe('poured'), blend!, {
      content: { ...blend!.content, tanks },
      reason: 'Poured',
    });
    const blended = traceOf({
      ...sources,
      files: lotFilesOf([...all, other]),
      blends: [poured],
      poured: pouredLines([poured], ticks),
    });
    expect(reached(blended.edges, [lotNode(other.entityId)], 'up')).toContain(lotNode(lotId));
    expect(reached(blended.edges, [lotNode(other.entityId)], 'down')).not.toContain(jars);
  });

  test.each([
    ['260820-a.1', null],
    ['260820-A.1-07', 7],
    [' 260820-a.1-12 ', 12],
  ])('a code on a jar is found: %s', (code, number) => {
    expect(packingOfCode(files, code)).toMatchObject({
      number,
      packing: { entityId: packing!.entityId },
    });
  });

  test.each(['260820-a.1-13', '260820-a.1-0', '260820-a.10', 'x', ''])(
    'no jar has the code “%s”',
    (code) => {
      expect(packingOfCode(files, code)).toBeNull();
    },
  );
});
