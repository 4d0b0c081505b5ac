import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { expect, startOwnLot, test } from './house';

const PORT = 4393;
const DESK = `http://localhost:${PORT}`;
/** What a phone opens; this machine's own name stands for its number in the network. */
const PHONE = `https://localhost:${PORT + 1}`;

/** Starts the house for the devices around it; what it prints. */
async function startHouse(home: string): Promise<{ house: ChildProcess; printed: () => string }> {
  const house = spawn('node', ['dist/server/index.js', '--lan', '--port', String(PORT)], {
    env: { ...process.env, RIPENUM_HOME: home },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let text = '';
  house.stdout.on('data', (part: Buffer) => (text += part.toString()));
  await expect
    .poll(() => /is ready[^]*stay on each device|stay on each device[^]*is ready/.test(text))
    .toBe(true);
  return { house, printed: () => text };
}

test.describe('served to the network', () => {
  test.use({ baseURL: DESK, fresh: true });

  test('the phone comes in with encryption and meets the desk', async ({ page, browser }, info) => {
    const { house, printed } = await startHouse(info.outputPath('home'));
    try {
      expect(printed()).toMatch(new RegExp(`open https://[0-9.]+:${PORT + 1}`));
      await startOwnLot(page);
      await page.goto('/mine/kit/meet');
      await page.getByRole('button', { name: 'Show a code' }).click();
      const code = await page.getByText(/^([0-9a-f]{4} ){7}[0-9a-f]{4}$/).innerText();
      const context = await browser.newContext({ baseURL: PHONE, ignoreHTTPSErrors: true });
      const phone = await context.newPage();
      await phone.goto(`/mine/kit/meet#${code.replaceAll(' ', '-')}`);
      await phone.getByRole('button', { name: 'Yes, exchange records' }).click();
      for (const each of [page, phone]) {
        await expect(each.getByText('Both devices hold the same')).toBeVisible();
      }
    } finally {
      house.kill('SIGTERM');
      expect(await once(house, 'exit')).toEqual([0, null]);
    }
  });
});
