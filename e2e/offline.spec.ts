import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { expect, outcome, test } from './house';

const PORT = Number(process.env['RIPENUM_TEST_PORT'] ?? 4181) + 1;
const BASE = `http://localhost:${PORT}`;

test.use({ serviceWorkers: 'allow' });

// everything that the application is made of is fetched and kept for later: a busy machine takes its time
test.beforeEach(() => test.slow());

function startServer(...args: string[]): ChildProcess {
  return spawn('node', ['dist/server/index.js', '--port', String(PORT), ...args], {
    stdio: ['ignore', 'pipe', 'pipe'],
  });
}

async function firstLine(server: ChildProcess, stream: 'stdout' | 'stderr'): Promise<string> {
  const [chunk] = (await once(server[stream]!, 'data')) as [Buffer];
  return chunk.toString();
}

async function stopServer(server: ChildProcess): Promise<void> {
  const gone = once(server, 'exit');
  server.kill('SIGTERM');
  await gone;
}

test('after the first load the server may be stopped, and everything still opens, records and rules', async ({
  page,
}) => {
  const server = startServer();
  await firstLine(server, 'stdout');
  await page.goto(BASE);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect
    .poll(() =>
      page.evaluate(
        async () => (await caches.keys()).length && navigator.serviceWorker.controller !== null,
      ),
    )
    .toBe(true);
  await stopServer(server);

  await page.reload();
  await page.getByRole('link', { name: /Start my own/ }).click();
  await page.getByRole('link', { name: 'Start a lot' }).click();
  await page.getByRole('radio', { name: '9', exact: true }).click();
  await page.getByRole('button', { name: 'Start this lot' }).click();
  await page.getByLabel('The dial shows').fill('17.0');
  await page.getByLabel('Temperature of meter and honey').fill('20');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(outcome(page)).toContainText('Accept');
  await page.getByRole('button', { name: 'Sign this ruling' }).click();
  await page.getByLabel('Your initials').fill('OF');
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByText(/Signed by OF/).first()).toBeVisible();
  await page.reload();
  await expect(page.getByText(/Signed by OF/).first()).toBeVisible();
  for (const address of ['/mine/today', '/mine/kit', '/mine/handbook', '/demo/today']) {
    await page.goto(BASE + address);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  expect(
    await page.evaluate(() => document.fonts.check('16px "Atkinson Hyperlegible Next Variable"')),
  ).toBe(true);
});

test('the printed address, the demo door, and a clear sentence where the port is taken', async ({
  page,
}) => {
  const server = startServer('--demo');
  expect(await firstLine(server, 'stdout')).toContain(`http://localhost:${PORT}/demo/today`);
  const second = startServer();
  expect(await firstLine(second, 'stderr')).toContain(`Port ${PORT} is taken by another program`);
  await page.goto(BASE);
  await expect(page.getByRole('heading', { name: /Waiting for your decision/ })).toBeVisible();
  // what keeps the page for later is still being fetched
  await page.evaluate(() => navigator.serviceWorker.ready);
  await stopServer(server);
});
