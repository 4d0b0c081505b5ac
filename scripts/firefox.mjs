/**
 * A short walk through the built application in Debian's Firefox, over its standard remote protocol
 * (WebDriver BiDi): `npm run firefox`. Prints what it did; ends in failure at the first thing that is wrong.
 */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import puppeteer from 'puppeteer-core';

const PORT = 4297;
const BASE = `http://localhost:${PORT}`;
const PAGES = [
  'today',
  'comb',
  'comb/demo-second-1',
  'season',
  'warm-room',
  'warm-room/demo-room-1',
  'strain',
  'bench',
  'bench/demo-8-1',
  'store',
  'store/blend',
  'kit',
  'kit/meet',
  'handbook',
];

const server = spawn('node', ['dist/server/index.js', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await once(server.stdout, 'data');
/** @param extraPrefsFirefox - settings beyond the usual ones */
const launch = (extraPrefsFirefox = {}) =>
  puppeteer.launch({
    ...{ browser: 'firefox', executablePath: '/usr/bin/firefox-esr', headless: true },
    extraPrefsFirefox,
  });
const complaints = [];

async function newPage(browser) {
  const page = await browser.newPage();
  await page.setViewport({ width: 390, height: 844 });
  page.on('pageerror', (error) => complaints.push(error.message));
  page.on('console', (message) => message.type() === 'error' && complaints.push(message.text()));
  return page;
}

async function step(name, act) {
  const started = Date.now();
  await act();
  if (complaints.length > 0) throw new Error(`${name}: ${complaints.join('; ')}`);
  console.log(`good  ${name}, ${((Date.now() - started) / 1000).toFixed(1)} s`);
}

/** Asks the page until it gives something; the client's own ways of waiting make functions of text, which the policy refuses. */
async function until(page, what, ask, ...values) {
  for (let left = 100; left > 0; left -= 1) {
    const found = await page.evaluate(ask, ...values).catch(() => null);
    if (found) return found;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`there is no ${what}`);
}

const seeing = (page, text) =>
  until(page, text, (wanted) => document.body.innerText.includes(wanted), text);

/** Where the middle of a named thing is, once it stands there. */
const middleOf = (page, role, name) =>
  until(
    page,
    `${role} ${name}`,
    (wantedRole, wantedName) => {
      const nameOf = (element) =>
        element.getAttribute('aria-label') ??
        (element.labels?.[0]?.textContent || element.textContent || '').trim();
      const all = document.querySelectorAll(`${wantedRole}, [role=${wantedRole}]`);
      const found = [...all].find((element) => nameOf(element) === wantedName);
      if (!found || found.disabled) return null;
      found.scrollIntoView({ block: 'center' });
      const { left, top, width, height } = found.getBoundingClientRect();
      return [left + width / 2, top + height / 2];
    },
    role,
    name,
  );

async function press(page, role, name) {
  // what is still being laid out would be missed
  for (let before = '', now = 'unknown'; before !== now;) {
    before = now;
    await new Promise((resolve) => setTimeout(resolve, 150));
    now = String(await middleOf(page, role, name));
  }
  await page.mouse.click(...(await middleOf(page, role, name)));
}

async function type(page, name, text) {
  await press(page, 'input', name);
  await page.keyboard.type(text);
}

/** Under its policy the page may be looked at only: what a client asks of it counts as made of text there. */
async function withPolicy() {
  const browser = await launch();
  const page = await newPage(browser);
  await step('no page breaks the policy', async () => {
    for (const address of PAGES) {
      await page.goto(`${BASE}/demo/${address}`);
      await new Promise((resolve) => setTimeout(resolve, 1500));
    }
  });
  await browser.close();
}

const browser = await launch({ 'security.csp.enable': false });
try {
  await withPolicy();
  const page = await newPage(browser);
  await step('the demo season opens', async () => {
    await page.goto(`${BASE}/demo/today`);
    await seeing(page, 'Waiting for your decision');
  });
  for (const address of PAGES) {
    await step(address, async () => {
      await page.goto(`${BASE}/demo/${address}`);
      await until(page, 'heading', () => document.querySelector('h1') !== null);
      const width = await page.evaluate(() => document.documentElement.scrollWidth);
      if (width > 390) throw new Error(`${address} scrolls sideways: ${width} px`);
      const text = await page.evaluate(() => document.body.innerText);
      if (/could not be (shown|read)|nothing at this address/.test(text)) throw new Error(text);
    });
  }
  await step('a lot is begun, a reading saved, and both are there after a reload', async () => {
    await page.goto(`${BASE}/mine/lots/new`);
    await press(page, 'radio', '8');
    await press(page, 'button', 'Start this lot');
    await type(page, 'The dial shows', '17.2');
    await press(page, 'button', 'Save this reading');
    await seeing(page, 'dial 17.2');
    await page.reload();
    await seeing(page, 'dial 17.2');
  });
  await step('a record is sealed and signed: this browser lends keys', async () => {
    const digits = await page.evaluate(async () => {
      const kind = { name: 'ECDSA', namedCurve: 'P-256' };
      const { privateKey } = await crypto.subtle.generateKey(kind, false, ['sign', 'verify']);
      const signed = await crypto.subtle.sign(
        { name: 'ECDSA', hash: 'SHA-256' },
        privateKey,
        new Uint8Array(3),
      );
      return signed.byteLength;
    });
    if (digits !== 64) throw new Error(`${digits} bytes`);
  });
  await step('two devices meet by a code', async () => {
    await page.goto(`${BASE}/mine/kit/meet`);
    await press(page, 'button', 'Show a code');
    const code = await until(
      page,
      'code',
      () => document.querySelector('p.font-mono')?.textContent,
    );
    const context = await browser.createBrowserContext();
    const other = await context.newPage();
    await other.goto(`${BASE}/mine/kit/meet#${code.replaceAll(' ', '-')}`);
    await press(other, 'button', 'Yes, exchange records');
    await seeing(other, 'Both devices hold the same');
    await seeing(page, 'Both devices hold the same');
    await context.close();
  });
} catch (error) {
  console.error(`WRONG ${error.message}`);
  process.exitCode = 1;
} finally {
  await browser.close();
  server.kill('SIGTERM');
}
