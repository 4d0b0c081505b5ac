import type { Locator } from '@playwright/test';
import { expect, expectAccessible, expectNoSidewaysScroll, test } from './house';
import { MORNING, doneAt, planDay } from './lineHouse';

test.use({ fresh: true });

test('plan, wrong input, start, tick off, late, and the plan follows', async ({ page }) => {
  await page.clock.install({ time: MORNING });
  await page.goto('/mine/strain');
  await expect(page.getByText(/No day planned yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Plan a day' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name', { exact: true }).fill('First extraction');
  await sheet.getByLabel('Frames', { exact: true }).fill('48');
  await sheet.getByLabel('Starts at').fill('dawn');
  await sheet.getByLabel('Who works').fill('Ada, Bo 80 %');
  await sheet.getByLabel('Breaks').fill('noon');
  // folded away, and yet what is wrong in it is found
  await sheet.getByText('Extractor', { exact: true }).click();
  await sheet.getByLabel('Filling and emptying').fill('999');
  await sheet.getByText('Extractor', { exact: true }).click();
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet.getByText('Type a time such as 9:00.')).toBeVisible();
  await expect(sheet.getByText(/“noon” is not a break/)).toBeVisible();
  await expect(sheet.getByText('This must be between 0 and 240 min.')).toBeVisible();
  await expectAccessible(page);
  await sheet.getByLabel('Filling and emptying').fill('4');
  await sheet.getByLabel('Starts at').fill('9.00');
  await sheet.getByLabel('Breaks').fill('12:30 45 min');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();

  await expect(page.getByRole('heading', { name: 'First extraction', level: 1 })).toBeVisible();
  await expect(page.getByText(/^between/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/delays the day|There are too few hands/)).toBeVisible();
  const planned = await doneAt(page);
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
  await page.getByText('Who does what, as a list').click();
  await expect(page.getByRole('cell', { name: 'Ada' }).first()).toBeVisible();

  // an hour late, and each load takes longer than planned
  await page.clock.fastForward('01:00:00');
  await page.getByRole('button', { name: 'Start the day' }).click();
  await expect(page.getByText('Begun 10:00')).toBeVisible();
  await expect.poll(() => doneAt(page)).toBeGreaterThan(planned + 30);
  await page.clock.fastForward('45:00');
  await page.keyboard.press('1');
  await expect(page.getByRole('button', { name: /Load spun 1 of 4/ })).toBeVisible();
  await page.clock.fastForward('40:00');
  await page.keyboard.press('1');
  await page.getByRole('button', { name: /Pail full 0 of/ }).click();
  await expect(page.getByRole('button', { name: /Load spun 2 of 4/ })).toBeVisible();
  await expect(page.getByText(/Loads go \d+ % slower than planned/)).toBeVisible();
  await expect(page.getByText(/^between/)).toBeVisible({ timeout: 30_000 });
  const late = await doneAt(page);

  // a tick too many is taken back
  await page.keyboard.press('1');
  await expect(page.getByRole('button', { name: /Load spun 3 of 4/ })).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: /Load spun 2 of 4/ })).toBeVisible();

  // what is left goes faster with another strainer: the plan is made anew
  await page.getByRole('button', { name: 'Change the plan' }).click();
  await sheet.getByText('Strainer, honey and pails').click();
  await sheet.getByLabel('Strainers', { exact: true }).fill('3');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect.poll(() => doneAt(page)).toBeLessThan(late);
  await page.getByRole('button', { name: 'The day is over' }).click();
  await expect(page.getByText(/Over since/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/Over since/)).toBeVisible();
});

test('a pail under the gate: read, a notice and a sound before it runs over, ticked off', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const counted = window as unknown as { tones: number };
    counted.tones = 0;
    const prototype = AudioContext.prototype;
    const real = Reflect.get<AudioContext, 'createOscillator'>(prototype, 'createOscillator');
    prototype.createOscillator = function (this: AudioContext) {
      counted.tones += 1;
      return real.call(this);
    };
  });
  await page.clock.install({ time: MORNING });
  await planDay(page);
  await page.getByRole('button', { name: 'Open the gate on Pail 1' }).click();
  await expect(page.getByText(/estimated: read the pail once/)).toBeVisible();
  await page.clock.fastForward('05:00');
  await page.getByLabel(/In it now/).fill('14');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText(/Type what is in it now, 0.0 to 12.5 kg/)).toBeVisible();
  await page.getByLabel(/In it now/).fill('5');
  await page.getByRole('button', { name: 'Read it' }).click();
  // 5 kg in 5 minutes: the other 7.5 kg take seven and a half
  await expect(page.getByText(/60 kg an hour, as read/)).toBeVisible();
  await expect(page.getByText(/^Full in [78] min$/)).toBeVisible();
  await expect(page.getByRole('alert')).toBeHidden();
  // on another page, the notice comes all the same
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await page.clock.fastForward('06:45');
  const alarm = page.getByRole('alert');
  await expect(alarm.getByText(/Pail 1 is full in \d+ s/)).toBeVisible();
  expect(
    await page.evaluate(() => (window as unknown as { tones?: number }).tones),
  ).toBeGreaterThan(1);
  await expectAccessible(page);
  // it pushes the page and an open sheet down, covers neither, and can be pressed beside a sheet
  const below = async (other: Locator): Promise<boolean> => {
    const [above, here] = [await alarm.boundingBox(), await other.boundingBox()];
    return above !== null && here !== null && here.y >= above.y + above.height;
  };
  expect(await below(page.getByRole('link', { name: 'Ripenum' }))).toBe(true);
  await page.getByRole('button', { name: 'Show the keys' }).click();
  const sheet = page.getByRole('dialog');
  expect(await below(sheet.getByRole('button', { name: 'Close' }))).toBe(true);
  await page
    .getByRole('alert', { includeHidden: true })
    .getByText('Gate is shut', { exact: true })
    .click();
  await expect(alarm).toBeHidden();
  await expect(sheet).toBeVisible();
  await page.keyboard.press('Escape');
  await page.goBack();
  await expect(page.getByText(/Last one: Pail 1, shut 09:/)).toBeVisible();
  await page.getByRole('link', { name: 'Strainer' }).click();
  await expect(page.getByText(/By your pail readings this strainer lets/)).toBeVisible();
});
