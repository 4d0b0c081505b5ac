import { describe, expect, test } from '@jest/globals';
import { lineage, nodeBalance, reached, schoolOf } from '../../core';
import { bookOf } from '../day/book';
import { honeyHouseOf } from '../line/extractionFile';
import { lotFilesOf } from '../lot/lotFile';
import { firstRevision, nextRevision } from '../../records/revise';
import { lotFramesContent } from '../lot/lotComposition';
import { parentLots, pouredLines } from './pouring';
import type { AnyRecord } from '../../records/record';
import { roomFilesOf } from '../room/roomFile';
import { jarStocks, storedVessels } from './store';
import { SAMPLE_EXTRACTION } from '../../records/test/sampleExtraction';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import { sampleRoom } from '../../records/test/sampleRoom';
import { sampleStore } from '../../records/test/sampleStore';
import { sampleBook, sampleYard } from '../../records/test/sampleYard';
import { containerNode, jarsNode, lotNode, packingOfCode, traceOf } from './trace';
import { vesselId } from '../../records/vesselRef';
import { inEnglish } from '../../core/test/inEnglish';

const lot = sampleLot();
const [{ ownerId: lotId }, bucket] = [lot[0]!, lot.find((record) => record.kind === 'container')!];
const scribe = countingScribe('store');
const store = sampleStore(scribe, { lotId, containerId: bucket.entityId });
const all = [...lot, ...store];
const files = lotFilesOf(all);
const file = files[0]!;
const blends = all.filter((record) => record.kind === 'blend');
const ticks = all.filter((record) => record.kind === 'blend-tick');
const id = vesselId(bucket.entityId, 1);

describe('what is left', () => {
  const poured = pouredLines(blends, ticks);

  test('of a container: at first, less jars, less what was poured by the scale', () => {
    const [vessel] = storedVessels(file, 17.5, poured);
    expect(poured).toMatchObject([{ vesselId: id, massKg: 2.9, fromLotId: lotId }]);
    expect(vessel!.leftKg).toBeCloseTo(vessel!.firstKg! - 6 - 2.9, 9);
    expect(vessel).toMatchObject({ openedAt: '2026-08-20T10:00:00.000Z', isEmpty: false });
    expect(vessel!.storedAt).toMatchObject({ kind: 'cellar', place: 'north wall' });
  });

  test('what was spilled has left the container as well, and makes no parent where all of it was', () => {
    const spilt = (massKg: number, spiltKg: number) =>
      ticks.map((tick) => ({ ...tick, content: { ...tick.content, massKg, spiltKg } }));
    const left = (lines: ReturnType<typeof pouredLines>) =>
      storedVessels(file, 17.5, lines)[0]!.leftKg!;
    expect(left(pouredLines(blends, spilt(1.9, 1)))).toBeCloseTo(left(poured), 9);
    const gone = pouredLines(blends, spilt(0, 2.9));
    expect(left(gone)).toBeCloseTo(left(poured), 9);
    const into = gone.map((line) => ({ ...line, intoLotId: 'blended' }));
    expect(parentLots('blended', into)).toEqual([]);
    expect(
      parentLots(
        'blended',
        into.map((line) => ({ ...line, massKg: 1 })),
      ),
    ).toEqual([lotId]);
  });

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

  test.each([
    [0.3, false],
    [0.06, false],
    [0.04, true],
  ])('a vessel with %d kg left is empty: %p', (leftKg, isEmpty) => {
    const before = storedVessels(file, 17.5, poured)[0]!.leftKg!;
    const taken = lotFilesOf([...all, move('taken', before - leftKg)])[0]!;
    const [vessel] = storedVessels(taken, 17.5, poured);
    expect(vessel!.leftKg).toBeCloseTo(leftKg, 9);
    expect(vessel!.isEmpty).toBe(isEmpty);
  });

  test('emptied is empty, and no more than there was can be gone', () => {
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
    const tanks = blend!.content.tanks.map((tank) => ({ ...tank, lotId: other.entityId }));
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

  test('passes the warm room and each day at the line; a mass that two ways share is not known', () => {
    const scribe = countingScribe('way');
    const frame = (hive: string, slot: number | null, count: number) => ({
      frameId: slot === null ? null : `frame-${slot}`,
      checkId: `check-${slot ?? 'stroke'}`,
      count,
      hive,
      box: hive === '' ? '' : 'Box 1',
      slot,
      yard: hive === '' ? '' : 'Dyke',
      flows: [],
      honeyKg: 1.5 * count,
      honeyStandardKg: 0.2,
      states: { capped: 1.5 * count, ripeOpen: 0, unripeOpen: 0 },
      colours: ['light' as const, 'light' as const],
      pieces: null,
      cleared: '',
    });
    const yard = sampleYard({}, 'way-yard');
    const composition = firstRevision(
      scribe,
      'lot-frames',
      lotFramesContent([frame('Hive 7', 1, 1), frame('', null, 4)] as never, {
        harvestId: yard.harvest.entityId,
        school: schoolOf('four-fifths'),
        climate: 'damp',
      }),
      lotId,
    );
    const room = sampleRoom(scribe, [lotId]);
    const day = (): AnyRecord =>
      firstRevision(scribe, 'extraction', { ...SAMPLE_EXTRACTION, lotId });
    const days = [day(), day()];
    const way = traceOf({
      ...sources,
      files: lotFilesOf([...all, composition]),
      book: sampleBook(yard),
      rooms: roomFilesOf(room),
      house: honeyHouseOf(days),
    });
    const shown = lineage(way.edges, jars);
    const kinds = [...shown].map((text) => way.nodes.get(text)?.kind);
    for (const kind of ['hive', 'box', 'frame', 'batch', 'lot', 'extraction', 'container'] as const)
      expect(kinds).toContain(kind);
    expect(kinds.filter((value) => value === 'extraction')).toHaveLength(2);
    const hives = [...way.nodes.values()].filter((node) => node.kind === 'hive');
    expect(hives.map((hive) => inEnglish(hive.name)).sort()).toEqual([
      'Hive 7',
      'hive not written down',
    ]);
    expect(way.nodes.get(`hive:${yard.hives[0].entityId}`)?.name).toBe('Hive 7');
    const frames = [...shown].reduce((sum, text) => sum + (way.nodes.get(text)?.frames ?? 0), 0);
    expect(frames).toBe(5);
    expect(nodeBalance(way.edges, lotNode(lotId))).toMatchObject({ inKg: 7.5, unknown: 2 });
    expect(nodeBalance(way.edges, containerNode(id)).unknown).toBe(2);
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
