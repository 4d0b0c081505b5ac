/** Takes one picture of each main view with the demo season: `npm run screenshots`. */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync } from 'node:fs';
import { openBrowser } from './browser.mjs';

const PORT = 4191;
const BASE = `http://localhost:${PORT}`;
const FOLDER = 'docs/screenshots';
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

async function openLot(page, name) {
  await page.goto(`${BASE}/demo/today`);
  const lots = page.getByRole('region', { name: /^(Waiting for your decision|Signed)/ });
  await lots.getByRole('link', { name }).click();
  await page.getByRole('heading', { name: 'What would change this' }).waitFor();
}

async function openDay(page) {
  await page.goto(`${BASE}/demo/comb`);
  await page.getByRole('link', { name: /Marsh, second visit/ }).click();
  await page.getByRole('heading', { name: 'Boxes' }).waitFor();
}

const views = [
  { name: 'door', size: DESK, open: (page) => page.goto(BASE) },
  {
    name: 'today',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/today`);
      await page.getByRole('heading', { name: /Waiting/ }).waitFor();
    },
  },
  { name: 'comb-day', size: DESK, open: openDay },
  {
    name: 'comb-frame',
    size: PHONE,
    open: async (page) => {
      await openDay(page);
      await page.getByRole('link', { name: /Box 2/ }).click();
      await page.getByRole('button', { name: /^Frame 5,/ }).click();
      await page.keyboard.press('9');
      await page.keyboard.press('7');
      await page.getByText('Put back').first().waitFor();
    },
  },
  {
    name: 'season',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/season/when`);
      await page.getByRole('heading', { name: 'What to do, by day' }).waitFor();
    },
  },
  {
    name: 'new-lot',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/lots/new`);
      await page.getByRole('radio', { name: '8', exact: true }).click();
    },
  },
  { name: 'lot', size: DESK, open: (page) => openLot(page, /Bean field, first day/) },
  {
    name: 'reading',
    size: PHONE,
    open: async (page) => {
      await openLot(page, /Straight from the warm room/);
      await page.getByLabel('The dial shows').fill('18.6');
      await page.getByLabel('Temperature of meter and honey').fill('33');
      await page.getByRole('heading', { name: 'Readings' }).evaluate((heading) => {
        heading.parentElement?.parentElement?.querySelector('form')?.scrollIntoView();
      });
    },
  },
  {
    name: 'warm-room',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/warm-room`);
      await page.getByRole('link', { name: /Boathouse room/ }).click();
      await page.getByText('Forecast complete.').waitFor();
      await page.getByText(/In time with/).waitFor();
    },
  },
  {
    name: 'line-day',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/strain`);
      await page.getByRole('link', { name: /Field yard, late boxes/ }).click();
      await page.getByText('Forecast complete.').waitFor();
    },
  },
  {
    name: 'bench',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/bench`);
      await page.getByRole('heading', { name: 'To measure' }).waitFor();
    },
  },
  {
    name: 'practice',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/practice?who=KT`);
      await page.getByText(/^You see/).waitFor();
      await page.getByRole('img', { name: /your answer over the truth/ }).waitFor();
    },
  },
  {
    name: 'store',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/store`);
      await page.getByRole('heading', { name: 'Containers' }).waitFor();
    },
  },
  {
    name: 'keeping',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/store/keep/demo-6-1`);
      await page.getByRole('radio', { name: 'Creamed' }).click();
      await page.getByRole('radio', { name: 'As it happens' }).click();
      await page.getByRole('region', { name: 'Keeping over 24 months' }).evaluate((one) => {
        one.scrollIntoView({ block: 'end' });
      });
    },
  },
  {
    name: 'blend',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/store/blend`);
      await page.getByRole('checkbox', { name: 'Flows may mix' }).click();
      await page.getByRole('checkbox', { name: 'Colours may mix' }).click();
      await page.getByRole('button', { name: 'Find the best blend' }).click();
      await page.getByRole('heading', { name: 'What would allow more' }).waitFor();
    },
  },
  {
    name: 'trace',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/store`);
      const beans = page.getByRole('article', { name: 'Bean field, second day' });
      await beans.getByRole('link', { name: /^Trace \d/ }).click();
      await page.getByRole('heading', { name: 'Recall sheet' }).waitFor();
    },
  },
  {
    name: 'years',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/season/years`);
      await page.getByRole('heading', { name: 'Do differently' }).waitFor();
    },
  },
  {
    name: 'dossier',
    size: DESK,
    open: async (page) => {
      await openLot(page, /Bean field, second day/);
      await page.getByRole('link', { name: 'Dossier' }).click();
      await page.getByRole('heading', { name: 'Signature' }).waitFor();
    },
  },
  {
    name: 'handbook',
    size: DESK,
    open: async (page) => {
      await page.goto(`${BASE}/demo/handbook`);
      await page.getByRole('heading', { name: 'Limits' }).waitFor();
    },
  },
];

mkdirSync(FOLDER, { recursive: true });
const server = spawn('node', ['dist/server/index.js', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await once(server.stdout, 'data');
const browser = await openBrowser();
for (const { name, size, open } of views) {
  const page = await browser.newPage({
    viewport: size,
    isMobile: size === PHONE,
    hasTouch: size === PHONE,
  });
  await open(page);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `${FOLDER}/${name}.png` });
  await page.close();
  console.log(`${FOLDER}/${name}.png`);
}
await browser.close();
server.kill();
