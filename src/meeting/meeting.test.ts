import { randomBytes } from 'node:crypto';
import { describe, expect, test } from '@jest/globals';
import { createMemoryRecordStore } from '../db/memoryRecordStore';
import type { RecordStore } from '../db/recordStore';
import { exportFile } from '../db/files/exportFile';
import { bringIn, planImport } from '../db/files/importFile';
import { nextRevision, type AnyRecord } from '../records';
import { countingScribe, sampleLot } from '../records/test/sampleLot';
import { FORGOTTEN_AFTER_MS, LetterBoxes } from '../server/letterBox';
import { letterRoutes } from '../server/routes/letters';
import { codeText, keysOf, newSecret, secretOf } from './code';
import { meet, type House, type MeetingStep } from './meeting';
import { receiveParcel, sendParcel, type Side } from './parcel';
import { httpPost } from './post';

const quiet = (): void => undefined;
const scribe = countingScribe('meeting', 'CD');

/** Everything that goes through the server's hands. */
class Server {
  now = 0;
  readonly bodies: Uint8Array[] = [];
  private readonly routes = letterRoutes(new LetterBoxes(() => this.now));
  /** answers that get lost on their way back */
  lost: (method: string, at: number) => boolean = () => false;
  private asked = 0;

  readonly fetch = async (address: unknown, init: RequestInit = {}): Promise<Response> => {
    const path = String(address).slice('/api/letters'.length);
    if (init.body instanceof Uint8Array) this.bodies.push(new Uint8Array(init.body));
    const answer = await this.routes.request(path, init);
    this.asked += 1;
    if (this.lost(init.method ?? 'GET', this.asked)) throw new TypeError('network');
    return answer;
  };

  post = (box: string, signal = new AbortController().signal) =>
    httpPost({ box, signal, fetcher: this.fetch });
}

async function storeOf(records: readonly AnyRecord[]): Promise<RecordStore> {
  const store = createMemoryRecordStore();
  const done = await store.append(records, { as: 'merge' });
  if (!done.ok) throw new Error(done.error.message.key);
  return store;
}

function houseOf(store: RecordStore, workspace = 'mine'): House {
  return {
    workspace,
    ids: async () => (await store.journal()).map(({ id }) => id),
    fileWithout: async (without) => {
      const order = {
        exportedAt: '2026-11-28T10:00:00.000Z',
        form: 'json',
        part: { without },
      } as const;
      const file = await exportFile(store, order, quiet);
      if (!file.ok) throw new Error(file.error.message.key);
      return file.value.records > 0 ? file.value.blob : null;
    },
    bringIn: async (file) => {
      const plan = await planImport(store, file, quiet);
      if (!plan.ok) throw new Error(plan.error.message.key);
      await bringIn(store, plan.value, { takeTheirs: new Set(), scribe });
    },
  };
}

async function meeting(server: Server, host: House, guest: House, secret = newSecret()) {
  const { box, key } = await keysOf(secret);
  const steps: MeetingStep[] = [];
  const of = (side: Side, house: House) =>
    meet({ post: server.post(box), key, side }, house, (step) => steps.push(step));
  const first = of('host', host);
  // the guest reads the code some time after it is shown
  await new Promise((resolve) => setTimeout(resolve, 20));
  return { ends: await Promise.all([first, of('guest', guest)]), steps };
}

const lot = sampleLot();
const [head] = lot;
if (head?.kind !== 'lot') throw new Error('no lot');
const renamed = (stem: string, name: string): AnyRecord =>
  nextRevision(countingScribe(stem), head, {
    content: { ...head.content, name },
    reason: 'Renamed',
  });

const idsOf = async (store: RecordStore): Promise<string[]> =>
  (await store.journal()).map(({ id }) => id).sort();

describe('two devices that meet', () => {
  test('hold the same afterwards, what both changed side by side', async () => {
    const desk = await storeOf([...lot, renamed('desk', 'Named at the desk')]);
    const phone = await storeOf([...lot, renamed('phone', 'Named in the yard')]);
    const { ends } = await meeting(new Server(), houseOf(desk), houseOf(phone));
    expect(ends).toEqual([
      { sent: true, received: true, isSame: true },
      { sent: true, received: true, isSame: true },
    ]);
    expect(await idsOf(desk)).toEqual(await idsOf(phone));
    expect(await idsOf(desk)).toHaveLength(lot.length + 2);
  });

  test('an empty phone gets everything, and sends nothing', async () => {
    const [desk, phone] = [await storeOf(lot), await storeOf([])];
    const { ends, steps } = await meeting(new Server(), houseOf(desk), houseOf(phone));
    expect(ends[1]).toEqual({ sent: false, received: true, isSame: true });
    expect(await idsOf(phone)).toEqual(await idsOf(desk));
    expect(steps.map(({ doing }) => doing)).toEqual(
      expect.arrayContaining(['waiting', 'exchanging', 'bringing-in', 'confirming']),
    );
  });

  test('say so where one of them did not bring everything in', async () => {
    const [desk, phone] = [await storeOf(lot), await storeOf([])];
    const house = { ...houseOf(phone), bringIn: () => Promise.resolve() };
    const { ends } = await meeting(new Server(), houseOf(desk), house);
    expect(ends.map(({ isSame }) => isSame)).toEqual([false, false]);
  });

  test('nothing is lost nor twice where answers get lost', async () => {
    const server = new Server();
    server.lost = (method, at) => method !== 'GET' && at % 3 === 0;
    const [desk, phone] = [await storeOf(lot), await storeOf([])];
    const { ends } = await meeting(server, houseOf(desk), houseOf(phone));
    expect(ends[0].isSame).toBe(true);
  });

  test('do not meet from different workspaces', async () => {
    const [desk, phone] = [await storeOf(lot), await storeOf([])];
    await expect(
      meeting(new Server(), houseOf(desk), houseOf(phone, 'demo')),
    ).rejects.toMatchObject({ code: 'other-workspace' });
    expect(await idsOf(phone)).toEqual([]);
  });
});

describe('what the server sees', () => {
  test('no word of a record, and nothing twice', async () => {
    const server = new Server();
    const secret = newSecret();
    await meeting(server, houseOf(await storeOf(lot)), houseOf(await storeOf([])), secret);
    const seen = Buffer.concat(server.bodies).toString('latin1');
    expect(server.bodies.length).toBeGreaterThan(4);
    for (const text of [head.id, head.content.code, 'mine', codeText(secret), '"records"']) {
      expect(seen).not.toContain(text);
    }
  });

  test('a letter put in another place, or sent back, does not open', async () => {
    const server = new Server();
    const { box, key } = await keysOf(newSecret());
    const post = server.post(box);
    await post.open();
    await sendParcel({ post, key, side: 'host' }, 'hello', new Blob(['{}']));
    const letter = await post.fetch('host-hello-0');
    await post.leave('guest-hello-0', letter);
    const host = meet(
      {
        post: { ...post, open: () => Promise.resolve(), leave: () => Promise.resolve() },
        key,
        side: 'host',
      },
      houseOf(await storeOf([])),
      quiet,
    );
    await expect(host).rejects.toMatchObject({ code: 'not-theirs' });
  });
});

test('parcels larger than the box go through, both ways at the same time', async () => {
  const server = new Server();
  const { box, key } = await keysOf(newSecret());
  const post = server.post(box);
  await post.open();
  // noise, which does not pack: a dozen letters, of which eight may wait
  const parcel = (): Uint8Array<ArrayBuffer> => new Uint8Array(randomBytes(3_000_000));
  const [out, back] = [parcel(), parcel()];
  const [host, guest] = [
    { post, key, side: 'host' as const },
    { post, key, side: 'guest' as const },
  ];
  const [, , atGuest, atHost] = await Promise.all([
    sendParcel(host, 'file', new Blob([out])),
    sendParcel(guest, 'file', new Blob([back])),
    receiveParcel(guest, 'file'),
    receiveParcel(host, 'file'),
  ]);
  expect(server.bodies.length).toBeGreaterThan(20);
  expect(Buffer.compare(Buffer.from(await atGuest.arrayBuffer()), out)).toBe(0);
  expect(Buffer.compare(Buffer.from(await atHost.arrayBuffer()), back)).toBe(0);
});

describe('codes', () => {
  test('can be typed with spaces, in capitals, or come with an address', () => {
    const secret = newSecret();
    const text = codeText(secret);
    expect(text).toMatch(/^([0-9a-f]{4}-){7}[0-9a-f]{4}$/);
    for (const typed of [
      text,
      text.toUpperCase(),
      text.replaceAll('-', ' '),
      `https://h/x#${text}`,
    ]) {
      expect(secretOf(typed)).toEqual(secret);
    }
    for (const wrong of ['', 'abcd', text.slice(1), text.replace(/^./, 'g')]) {
      expect(secretOf(wrong)).toBeNull();
    }
  });

  test('are over after minutes, and take two devices only', async () => {
    const server = new Server();
    const { box } = await keysOf(newSecret());
    const post = server.post(box);
    await expect(post.fetch('host-hello-0')).rejects.toMatchObject({ code: 'over' });
    await post.open();
    await post.leave('guest-hello-0', new Uint8Array([1]));
    await post.leave('guest-hello-0', new Uint8Array([1]));
    await expect(post.leave('guest-hello-0', new Uint8Array([2]))).rejects.toMatchObject({
      code: 'taken',
    });
    await post.fetch('guest-hello-0');
    await post.leave('guest-hello-0', new Uint8Array([1]));
    await expect(post.leave('guest-hello-0', new Uint8Array([2]))).rejects.toMatchObject({
      code: 'taken',
    });
    server.now = FORGOTTEN_AFTER_MS + 1;
    await expect(post.fetch('host-hello-0')).rejects.toMatchObject({ code: 'over' });
  });

  test('a page of a static host, or silence, is no letter box', async () => {
    const page = () =>
      Promise.resolve(new Response('<html>', { headers: { 'Content-Type': 'text/html' } }));
    const { signal } = new AbortController();
    const options = { box: 'a'.repeat(32), signal, fetcher: page };
    await expect(httpPost(options).open()).rejects.toMatchObject({ code: 'no-letter-box' });
    await expect(httpPost(options).fetch('host-hello-0')).rejects.toMatchObject({
      code: 'no-letter-box',
    });
  });

  test('waiting can be given up', async () => {
    const server = new Server();
    const giver = new AbortController();
    const { box } = await keysOf(newSecret());
    const post = server.post(box, giver.signal);
    await post.open();
    const waiting = post.fetch('guest-hello-0');
    giver.abort();
    await expect(waiting).rejects.toMatchObject({ name: 'AbortError' });
  });
});
