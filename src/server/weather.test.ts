import { describe, expect, test } from '@jest/globals';
import { createWeatherPort } from '../instruments';
import { createServerApp } from './app';

const app = createServerApp({ clientFolder: 'none', demo: false });
const ask = async (path: string): Promise<Response> => app.request(path);

describe('the simulated weather station', () => {
  test('ten days from the day asked for, the same each time, warmer in August than in February', async () => {
    const port = createWeatherPort(ask);
    const august = await port.forecast('2026-08-21');
    expect(august).toHaveLength(10);
    expect(await port.forecast('2026-08-21')).toEqual(august);
    const mean = (days: typeof august) =>
      (days ?? []).reduce((sum, { highestC }) => sum + highestC, 0) / 10;
    expect(mean(august)).toBeGreaterThan(mean(await port.forecast('2026-02-21')) + 5);
  });

  test.each(['', '21.8.2026', '2026-13-01', '9999-01-01'])('“%s” is no day', async (day) => {
    expect((await ask(`/api/weather/forecast?from=${day}`)).status).toBe(400);
    expect(await createWeatherPort(ask).forecast(day)).toBeNull();
  });

  test('garbage, and nobody who answers, are no forecast', async () => {
    const says = (body: unknown) =>
      createWeatherPort(() => Promise.resolve(Response.json(body))).forecast('2026-08-21');
    const day = { day: '2026-08-21', highestC: 20, lowestC: 10, rainMm: null };
    expect(await says({ days: [day] })).toHaveLength(1);
    expect(await says({ days: [{ ...day, highestC: 5 }] })).toBeNull();
    expect(await says({ days: [] })).toBeNull();
    expect(await says('<html>')).toBeNull();
    const gone = createWeatherPort(() => Promise.reject(new TypeError('gone')));
    expect(await gone.forecast('2026-08-21')).toBeNull();
  });
});
