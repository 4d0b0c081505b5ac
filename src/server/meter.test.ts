import { describe, expect, test } from '@jest/globals';
import { standInMeter } from '../core';
import { createServerApp } from './app';

const app = createServerApp({ clientFolder: 'src', demo: false });

/** The first so many characters of a stream, and whether it ended by itself. */
async function streamed(query: string, characters: number) {
  const response = await app.request(`/api/meter/stream?pace=50&${query}`);
  const reader = response.body!.getReader();
  const decoder = new TextDecoder();
  let text = '';
  let ended = false;
  while (text.length < characters && !ended) {
    const { value, done } = await reader.read();
    text += decoder.decode(value, { stream: true });
    ended = done;
  }
  await reader.cancel();
  return { text, ended, type: response.headers.get('content-type') };
}

describe('simulated digital meter', () => {
  test('streams lines as server-sent events; the same sample is the same honey', async () => {
    const one = await streamed('sample=3', 200);
    const again = await streamed('sample=3', 200);
    expect(one.type).toContain('text/event-stream');
    expect(one.text).toMatch(/^data: \d\d\.\d\d Bx \d\d\.\d C 0\.00 s\n\ndata: /);
    expect(again.text.slice(0, 100)).toBe(one.text.slice(0, 100));
  });

  test('cut in mid-sample: the last event has no end', async () => {
    const { text, ended } = await streamed('fault=cut', 5000);
    expect(ended).toBe(true);
    expect(text.endsWith('data: 81.1')).toBe(true);
  });

  test('garbage lies between the lines, a stuck sensor never moves', async () => {
    expect((await streamed('fault=garbage', 400)).text).toContain('data: ERR 07');
    const stuck = (await streamed('fault=stuck', 300)).text.match(/[\d.]+ Bx/g);
    expect(new Set(stuck)).toEqual(new Set(['81.20 Bx']));
  });

  test('the truth can be asked for afterwards; nonsense is refused with a sentence', async () => {
    const truth = await app.request('/api/meter/truth?sample=3');
    expect(await truth.json()).toEqual({ moisturePercent: standInMeter(3).moisturePercent });
    for (const path of ['stream?sample=0', 'stream?fault=fire', 'truth?sample=x']) {
      const refused = await app.request(`/api/meter/${path}`);
      expect(refused.status).toBe(400);
      expect(await refused.json()).toMatchObject({ error: { code: 'bad-request' } });
    }
  });
});
