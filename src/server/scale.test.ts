import { describe, expect, test } from '@jest/globals';
import { createScalePort } from '../instruments';
import { createServerApp } from './app';

const app = createServerApp({ clientFolder: 'dist/client', demo: false });
const ask = async (path: string): Promise<Response> => app.request(path);

describe('the simulated hive scale', () => {
  test('tells fourteen days up to the one asked for, as a port reads them', async () => {
    const days = await createScalePort(ask).weights('2026-08-21');
    expect(days).toHaveLength(14);
    expect(days?.at(-1)?.day).toBe(Date.parse('2026-08-21') / 86_400_000);
  });

  test.each(['', '2026-8-1', 'tomorrow', '1969-12-31'])('of %j it tells nothing', async (day) => {
    expect((await ask(`/api/scale/weights?until=${day}`)).status).toBe(400);
    expect(await createScalePort(ask).weights(day)).toBeNull();
  });

  test('an answer that is no weight is none', async () => {
    const wrong = createScalePort(() =>
      Promise.resolve(Response.json({ days: [{ day: '2026-08-21', massKg: -4 }] })),
    );
    expect(await wrong.weights('2026-08-21')).toBeNull();
    const gone = createScalePort(() => Promise.reject(new Error('gone')));
    expect(await gone.weights('2026-08-21')).toBeNull();
  });
});
