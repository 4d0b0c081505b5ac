/**
 * Kills real browsers at chance moments, while something is typed into any form, and while records are
 * seeded, brought in or made; opens them again and counts what is gone. `npm run bench:kills 200 20` for 200
 * kills while typing, and 20 of each way of writing. Prints a table; asserts nothing. Run `npm run build` first.
 */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import {
  anyField,
  fieldsOf,
  halfWritten,
  lossOf,
  openKillable,
  typeUntilKilled,
  type FormPlace,
  type Killable,
  type Typed,
} from '../e2e/killed';
import { writeFirstVersion } from '../e2e/firstVersion';
import { recordFileOf } from '../src/records';
import { manySeasons } from './manySeasons';

/** Lots of the first version that are brought up to date. */
const OLD_LOTS = 300;

/** Rows that are there before the others are merged into them. */
const FIRST_ROWS = 600;

const KILLS = Number(process.argv[3] ?? 200);
/** Kills of each way of writing. */
const some = Number(process.argv[4] ?? Math.max(1, Math.round(KILLS / 10)));
const PORT = 4293;
const BASE = `http://localhost:${PORT}`;

const ADDRESSES = [
  '/demo/lots/new',
  '/demo/lots/demo-8-1',
  '/demo/bench',
  '/demo/bench/read',
  '/demo/bench/demo-8-1',
  '/demo/bench/demo-8-1/table',
  '/demo/bench/demo-1-1/quality',
  '/demo/bench/meters/demo-meter-3',
  '/demo/comb',
  '/demo/comb/few',
  '/demo/comb/demo-second-1',
  '/demo/comb/demo-second-1/stroke',
  '/demo/warm-room',
  '/demo/warm-room/demo-room-1',
  '/demo/warm-room/standing/tray',
  '/demo/strain',
  '/demo/strain/weigh',
  '/demo/strain/mass/demo-8-1',
  '/demo/strain/settle/demo-8-1',
  '/demo/strain/heat/demo-8-1',
  '/demo/store',
  '/demo/store/blend',
  '/demo/store/keep/demo-9-1',
  '/demo/season',
  '/demo/season/years',
  '/demo/kit',
];

/** Buttons that open nothing, or take away what others need. */
const NEVER = /Remove|Reset|Throw|Delete|Save|Print|Undo|Withdraw|Start anew|Fill the demo/i;
const MOST_BUTTONS = 14;

/** Every form that has a field of text: those of the pages, and those that a button opens. */
async function formsOf({ page }: Killable): Promise<FormPlace[]> {
  const found: FormPlace[] = [];
  for (const address of ADDRESSES) {
    const fields = await fieldsOf(page, BASE, { address });
    await page.waitForTimeout(700);
    if ((await anyField(fields, 0)) !== null) found.push({ address });
    const names = await page.locator('main button:visible:not([disabled])').allInnerTexts();
    const buttons = [...new Set(names.map((name) => name.trim()))];
    for (const button of buttons.slice(0, MOST_BUTTONS)) {
      if (button === '' || button.includes('\n') || NEVER.test(button)) continue;
      const place = { address, button };
      try {
        page.setDefaultTimeout(1500);
        const own = await fieldsOf(page, BASE, place);
        await page.waitForTimeout(300);
        if ((await anyField(own, 0)) !== null) found.push(place);
      } catch {
        // it opens no form
      } finally {
        page.setDefaultTimeout(20_000);
      }
    }
  }
  return found;
}

const nameOf = ({ address, button }: FormPlace): string =>
  address.replace('/demo/', '') + (button === undefined ? '' : ` › ${button}`);

interface Row {
  kills: number;
  typed: number;
  old: number;
  lost: number;
}

async function typing(folder: string, kills: number): Promise<Map<string, Row>> {
  const table = new Map<string, Row>();
  let browser = await openKillable(folder);
  await browser.page.goto(`${BASE}/demo/today`);
  await browser.page.locator('h1').first().waitFor();
  const forms = await formsOf(browser);
  console.log(`${forms.length} forms`);
  let last: { place: FormPlace; name: string; typed: Typed } | null = null;
  const check = async (): Promise<void> => {
    if (!last) return;
    const fields = await fieldsOf(browser.page, BASE, last.place);
    const field = fields.and(browser.page.locator(`[name="${last.name}"]`)).first();
    await field.waitFor();
    const loss = lossOf(last.typed, await field.inputValue());
    const row = table.get(nameOf(last.place)) ?? { kills: 0, typed: 0, old: 0, lost: 0 };
    table.set(nameOf(last.place), {
      kills: row.kills + 1,
      typed: row.typed + loss.typed,
      old: row.old + loss.old,
      lost: row.lost + loss.lost,
    });
    if (loss.lost > 0) console.log(`lost ${loss.lost} in ${nameOf(last.place)}, ${last.name}`);
  };
  for (let at = 0; at < kills; at += 1) {
    const place = forms[at % forms.length]!;
    try {
      await check();
      last = null;
      const fields = await fieldsOf(browser.page, BASE, place);
      await browser.page.waitForTimeout(400);
      const name = await anyField(fields, Math.floor(Math.random() * 50));
      if (name === null) throw new Error('no field');
      const field = fields.and(browser.page.locator(`[name="${name}"]`)).first();
      const afterMs = 200 + Math.random() * 1500;
      const typed = await typeUntilKilled(browser, field, { afterMs, everyMs: Math.random() * 90 });
      last = { place, name, typed };
    } catch (error) {
      console.log(`not done: ${nameOf(place)}: ${String(error).split('\n')[0]}`);
      last = null;
      await browser.kill();
    }
    browser = await openKillable(folder);
  }
  await check();
  await browser.kill();
  return table;
}

/** Kills while something is being written, and counts rows that are half there, and answers between none and all. */
async function writing(
  what: string,
  kills: number,
  {
    database,
    start,
    mostMs,
    isOpenedFirst = false,
  }: {
    readonly database: string;
    /** counted once the application has opened it, which goes on with what was begun */
    readonly isOpenedFirst?: boolean;
    readonly start: (browser: Killable) => Promise<void>;
    readonly mostMs: number;
  },
): Promise<string> {
  const counts = new Map<number, number>();
  let half = 0;
  for (let at = 0; at < kills; at += 1) {
    const folder = mkdtempSync(path.join(tmpdir(), 'ripenum-kill-'));
    const first = await openKillable(folder);
    await start(first);
    await new Promise((resolve) => setTimeout(resolve, Math.random() * mostMs));
    await first.kill();
    const second = await openKillable(folder);
    const opens = async (): Promise<void> => {
      await second.page.goto(`${BASE}/${database.replace('ripenum-', '')}/today`);
      await second.page.locator('h1').first().waitFor();
    };
    await (isOpenedFirst ? opens() : second.page.goto(`${BASE}/`));
    const found = await halfWritten(second.page, database);
    half += found.half;
    counts.set(found.rows, (counts.get(found.rows) ?? 0) + 1);
    await opens();
    await second.kill();
    rmSync(folder, { recursive: true, force: true });
  }
  const rows = [...counts]
    .sort(([a], [b]) => a - b)
    .map(([count, times]) => `${count} rows ${times}×`);
  return `| ${what} | ${kills} | ${rows.join(', ')} | ${half} |`;
}

const server = spawn('node', ['dist/server/index.js', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await once(server.stdout, 'data');
const folder = mkdtempSync(path.join(tmpdir(), 'ripenum-kills-'));
const file = path.join(folder, 'season.json');
const records = manySeasons(2, new Date().toISOString().slice(0, 10), 300);
const writeRows = (to: string, rows: typeof records): void =>
  writeFileSync(to, JSON.stringify(recordFileOf(rows, new Date().toISOString())));
writeRows(file, records);
const firstFile = path.join(folder, 'first.json');
writeRows(firstFile, records.slice(0, FIRST_ROWS));
try {
  const table = await typing(path.join(folder, 'profile'), KILLS);
  console.log(
    '\n| form | kills | characters typed | older than 0.3 s | lost |\n| --- | --- | --- | --- | --- |',
  );
  const all = { kills: 0, typed: 0, old: 0, lost: 0 };
  for (const [form, row] of table) {
    console.log(`| ${form} | ${row.kills} | ${row.typed} | ${row.old} | ${row.lost} |`);
    (Object.keys(all) as (keyof Row)[]).forEach((key) => (all[key] += row[key]));
  }
  console.log(`| all | ${all.kills} | ${all.typed} | ${all.old} | ${all.lost} |`);
  console.log(
    '\n| what was being written | kills | found afterwards | rows half there |\n| --- | --- | --- | --- |',
  );
  console.log(
    await writing('the demo season', some, {
      database: 'ripenum-demo',
      mostMs: 1500,
      start: async ({ page }) => {
        await page.goto(`${BASE}/`);
        void page.goto(`${BASE}/demo/today`).catch(() => undefined);
      },
    }),
  );
  console.log(
    await writing('a lot begun', some, {
      database: 'ripenum-mine',
      mostMs: 500,
      start: async ({ page }) => {
        await page.goto(`${BASE}/mine/lots/new`);
        await page.getByRole('radio', { name: '8', exact: true }).click();
        await page.getByLabel('How many').fill('12');
        const button = page.getByRole('button', { name: 'Start this lot' });
        await button.evaluate((element) => setTimeout(() => (element as HTMLElement).click(), 20));
      },
    }),
  );
  console.log(
    await writing(`a file of ${records.length} rows`, some, {
      database: 'ripenum-mine',
      mostMs: 5000,
      start: async ({ page }) => {
        await page.goto(`${BASE}/mine/kit`);
        await page.getByLabel('File to bring in').setInputFiles(file);
      },
    }),
  );
  console.log(
    await writing('records of the first version, brought up to date', some, {
      database: 'ripenum-mine',
      mostMs: 1500,
      isOpenedFirst: true,
      start: async ({ page }) => {
        await writeFirstVersion(page, BASE, OLD_LOTS);
        void page.goto(`${BASE}/mine/today`).catch(() => undefined);
      },
    }),
  );
  console.log(
    await writing(`${records.length - FIRST_ROWS} rows merged into ${FIRST_ROWS}`, some, {
      database: 'ripenum-mine',
      mostMs: 2500,
      start: async ({ page }) => {
        await page.goto(`${BASE}/mine/kit`);
        await page.getByLabel('File to bring in').setInputFiles(firstFile);
        await page.getByText(/^Brought in/).waitFor();
        await page.getByLabel('File to bring in').setInputFiles(file);
        const button = page.getByRole('button', { name: 'Bring it in' });
        void button.click().catch(() => undefined);
      },
    }),
  );
} finally {
  server.kill('SIGTERM');
  rmSync(folder, { recursive: true, force: true });
}
