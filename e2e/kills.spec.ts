import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { anyField, fieldsOf, halfWritten, lossOf, openKillable, typeUntilKilled } from './killed';
import { expect, test } from './house';

/** One form of a page, one of its choices, one behind a button. `npm run bench:kills` tries all, often. */
const PLACES = [
  { address: '/demo/lots/new' },
  { address: '/demo/kit' },
  { address: '/demo/season', button: 'A yard with its hives' },
];

/** Beside everything else that runs, a page needs longer than by itself [ms]. */
const ALLOWED_MS = 1000;

const TYPING = { everyMs: 30, afterCharacters: 4, afterMs: ALLOWED_MS + 400 };

test('a browser that is killed while somebody types has what was typed, and whole records', async ({
  baseURL,
}) => {
  test.slow();
  const base = baseURL ?? '';
  const folder = mkdtempSync(path.join(tmpdir(), 'ripenum-kills-'));
  let browser = await openKillable(folder);
  try {
    await browser.page.goto(`${base}/demo/today`);
    await browser.page.locator('h1').first().waitFor();
    for (const place of PLACES) {
      const fields = await fieldsOf(browser.page, base, place);
      await browser.page.waitForTimeout(500);
      const name = await anyField(fields, 0);
      const field = fields.and(browser.page.locator(`[name="${name}"]`)).first();
      const typed = await typeUntilKilled(browser, field, TYPING);
      browser = await openKillable(folder);
      const again = await fieldsOf(browser.page, base, place);
      const found = again.and(browser.page.locator(`[name="${name}"]`)).first();
      const { old, lost } = lossOf(typed, await found.inputValue(), ALLOWED_MS);
      expect(old).toBeGreaterThan(3);
      expect({ place, lost }).toEqual({ place, lost: 0 });
    }
    expect(await halfWritten(browser.page, 'ripenum-demo')).toMatchObject({ half: 0 });
  } finally {
    await browser.kill();
    rmSync(folder, { recursive: true, force: true });
  }
});
