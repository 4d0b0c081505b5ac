import { writeFile } from 'node:fs/promises';
import { chromium, type Browser, type Page } from '@playwright/test';
import { BROWSER } from './browserPath';
import { expect, expectAccessible, startOwnLot, test } from './house';

const MEET = '/mine/kit/meet';

/** A device of its own: nothing that is kept is shared with another. */
async function otherDevice(browser: Browser, baseURL = ''): Promise<Page> {
  const viewport = { width: 390, height: 844 };
  return (await browser.newContext({ baseURL, viewport, serviceWorkers: 'block' })).newPage();
}

const tellsOfALot = (page: Page) =>
  expect(page.getByRole('region', { name: /^Waiting/ }).getByRole('listitem')).toHaveCount(1);

test('phone and desk meet by a code, and hold the same', async ({ browser, page, baseURL }) => {
  await startOwnLot(page);
  await page.goto(MEET);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Show a code' }).click();
  await expect(page.getByRole('img', { name: 'Code for the other device' })).toBeVisible();
  await expectAccessible(page);
  const code = await page.getByText(/^([0-9a-f]{4} ){7}[0-9a-f]{4}$/).innerText();

  const phone = await otherDevice(browser, baseURL);
  await phone.goto(MEET);
  const field = phone.getByLabel('Or type the code the other device shows');
  await field.fill(code.slice(0, -1));
  await phone.getByRole('button', { name: 'Continue' }).click();
  await expect(phone.getByRole('alert')).toContainText('eight groups of four');
  await field.fill(code.toUpperCase());
  await phone.getByRole('button', { name: 'Continue' }).click();
  await phone.getByRole('button', { name: 'Yes, exchange records' }).click();
  for (const each of [page, phone]) {
    await expect(each.getByText('Both devices hold the same')).toBeVisible();
  }
  await phone.getByRole('link', { name: 'To Today' }).click();
  await tellsOfALot(phone);

  // a third device, or the same code once more, gets nothing
  const third = await otherDevice(browser, baseURL);
  await third.goto(`${MEET}#${code.replaceAll(' ', '-')}`);
  await third.getByRole('button', { name: 'Yes, exchange records' }).click();
  await expect(third.getByRole('alert')).toContainText('Show a new code');
});

/** What a camera sees that is held before the codes of a page, as a film that a browser can be shown. */
async function filmed(page: Page, file: string): Promise<void> {
  const code = page.getByRole('img', { name: /^Code \d+ of \d+$/ });
  const pause = page.getByRole('button', { name: 'Pause' });
  if (await pause.isVisible()) await pause.click();
  const count = Number((await code.getAttribute('aria-label'))?.split(' ').at(-1));
  const frames: Buffer[] = [];
  for (let at = 0; at < count; at += 1) {
    const picture = await code.screenshot({ type: 'jpeg', quality: 80 });
    // a camera shows the same for a while
    frames.push(...Array.from({ length: 12 }, () => picture));
    if (count > 1) await page.getByRole('button', { name: 'Next code' }).click();
  }
  await writeFile(file, Buffer.concat(frames));
}

test('a day goes from one screen to another’s camera, without any network', async ({
  page,
  baseURL,
}, info) => {
  await startOwnLot(page);
  await page.goto(MEET);
  await page.getByText('Without a network').click();
  await page.getByRole('button', { name: 'Today’s records' }).click();
  await expect(page.getByText(/^Code 1 of/)).toBeVisible();
  const film = info.outputPath('film.mjpeg');
  await filmed(page, film);

  const camera = await chromium.launch({
    executablePath: BROWSER,
    args: [
      '--no-sandbox',
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${film}`,
    ],
  });
  const phone = await otherDevice(camera, baseURL);
  await phone.goto(MEET);
  await phone.getByRole('button', { name: 'Read a code' }).click();
  await expect(phone.getByText(/from the other device/)).toBeVisible({ timeout: 20_000 });
  await phone.goto('/mine/today');
  await tellsOfALot(phone);
  await camera.close();
});
