import jpeg from 'jpeg-js';
import { secondPicture } from '../src/core/test/secondComb/camera';
import { drawnEyepiece } from '../src/core/test/drawnEyepiece';
import { expect, expectAccessible, test } from './house';

const FRAME = '/demo/comb/demo-second-1/box/demo-place-43';

const coded = (width: number, height: number, data: Uint8ClampedArray): Buffer =>
  jpeg.encode({ width, height, data: Buffer.from(data) }, 88).data;

function eyepieceFile(): { name: string; mimeType: string; buffer: Buffer } {
  const { grey } = drawnEyepiece({
    seed: 3,
    at: 2.4,
    division: 14,
    turn: 0.04,
    blur: 1.4,
    vignette: 0.3,
    fringe: 0.8,
    noise: 3,
    contrast: 150,
  });
  const data = new Uint8ClampedArray(4 * grey.data.length).fill(255);
  grey.data.forEach((value, at) => data.fill(value, 4 * at, 4 * at + 3));
  return {
    name: 'eyepiece.jpg',
    mimeType: 'image/jpeg',
    buffer: coded(grey.width, grey.height, data),
  };
}

const sideFile = () => {
  const { picture } = secondPicture(7003, 'clean');
  return {
    name: 'side.jpg',
    mimeType: 'image/jpeg',
    buffer: coded(picture.width, picture.height, picture.data),
  };
};

test.describe('on a phone, by taps', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a picture becomes the share of a side with three taps', async ({ page }) => {
    test.setTimeout(60_000);
    await page.goto(FRAME);
    await page.getByText('Photographs', { exact: true }).tap();
    const choosing = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Side A', exact: true }).tap(); // 1
    await (await choosing).setFiles(sideFile());
    await expect(page.getByText('Are these the corners of the comb?')).toBeVisible();
    await page.getByRole('button', { name: 'Read the comb' }).tap(); // 2
    await expect(page.getByText(/^\d+ % capped/)).toBeVisible({ timeout: 20_000 });
    await expectAccessible(page);
    const board = page.getByRole('application');
    await board.focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('b');
    await page.getByRole('button', { name: 'Use this share' }).tap(); // 3
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(page.getByRole('region', { name: 'Side A' })).toContainText('% capped');
    await expect(
      page.getByRole('region', { name: 'Side A' }).getByRole('application'),
    ).toBeVisible();
    await page.reload();
    const side = page.getByRole('region', { name: 'Side A' });
    await expect(side).toContainText('% capped');
    // the kept picture is read again; what is set in it outlives the sheet that was only closed
    await page.getByText('Clear this frame', { exact: true }).tap();
    await expect(side).not.toContainText('% capped');
    await page.getByText('Photographs', { exact: true }).tap();
    await page.getByRole('button', { name: 'Read the capping' }).tap();
    await page.getByRole('button', { name: 'Read the comb' }).tap();
    await expect(page.getByText(/^\d+ % capped/)).toBeVisible({ timeout: 20_000 });
    await board.focus();
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(side).toContainText('% capped');
  });

  test('no picture is one sentence, and the share is judged by eye as before', async ({ page }) => {
    await page.goto(FRAME);
    await page.getByText('Photographs', { exact: true }).tap();
    const choosing = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Side B', exact: true }).tap();
    const words = { name: 'a.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') };
    await (await choosing).setFiles(words);
    const sheet = page.getByRole('dialog');
    await expect(sheet.getByText(/^The browser cannot read this file/)).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(sheet).toHaveCount(0);
  });
});

test('at the desk: an eyepiece picture becomes a reading, and stays as its proof', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/demo/bench');
  const lot = page.getByRole('link', { name: /Straight from the warm room/ });
  await expect(page.getByRole('heading', { name: 'To measure' })).toBeVisible();
  if (!(await lot.first().isVisible())) await page.getByText(/^Measured \(/).click();
  await lot.first().click();
  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Read the line from a photograph' }).click();
  await (await choosing).setFiles(eyepieceFile());
  const sheet = page.getByRole('dialog');
  const picture = sheet.getByRole('img', { name: 'Photograph of the eyepiece' });
  await expect(picture).toBeVisible();
  const box = (await picture.boundingBox())!;
  const tapAt = (x: number, y: number) =>
    picture.click({ position: { x: (box.width * x) / 300, y: (box.height * y) / 420 } });
  // divisions of the drawn scale ten below and ten above its middle
  await tapAt(155.6, 70.1);
  await tapAt(144.4, 349.9);
  await sheet.getByLabel('Number at division 1').fill('20');
  await sheet.getByLabel('Number at division 2').fill('16');
  // the line lies 2.4 of 20 divisions under the middle: 18 − 2.4 × 0.2
  await expect(sheet.getByText(/^17\.5\d?/).first()).toBeVisible();
  await sheet.getByRole('button', { name: 'Use this reading' }).click();
  await expect(page.getByLabel('The dial shows')).toHaveValue(/^17\.5/);
  await page.getByLabel('Temperature of meter and honey').fill('21');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByText(/Reading .*17\.5.* saved/i).first()).toBeVisible();
});
