import { expect, expectAccessible, test, type Page } from '../test/walk';

/** A room of one's own, with the usual values. */
async function addRoom(page: Page): Promise<void> {
  await page.goto('/mine/warm-room');
  await page.getByRole('button', { name: 'Add a room' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('Back room');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Back room', level: 1 })).toBeVisible();
}

test('a logger’s file with gaps, bad lines and the door open is reported before it is kept', async ({
  page,
}) => {
  await addRoom(page);
  await page.getByRole('button', { name: 'Logger file' }).click();
  const sheet = page.getByRole('dialog');
  const lines = Array.from({ length: 60 }, (_, at) => {
    const clock = `${String(Math.floor(at / 4)).padStart(2, '0')}:${String((at % 4) * 15).padStart(2, '0')}`;
    const [degrees, humidity] = at === 20 ? ['82.0', '47'] : ['91.4', '31'];
    return `24/11/2026 ${clock},${degrees},${humidity}`;
  }).filter((_, at) => at < 30 || at > 38);
  lines[5] = 'battery low,,';
  const csv = ['Time,Temperature (°F),Humidity %', ...lines].join('\n');
  await sheet.getByLabel('File from the logger').setInputFiles({
    name: 'logger.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(csv),
  });
  await expect(sheet.getByText('50 good lines, 1 line left out')).toBeVisible();
  await expect(sheet.getByText(/No entries for 2 hours 30 minutes/)).toBeVisible();
  await expect(sheet.getByText(/Looks like an open door/)).toBeVisible();
  await expect(sheet.getByText(/mostly 33.0 °C and 31 %/)).toBeVisible();
  await expect(
    sheet.getByRole('cell', { name: /is not a time in the order chosen/ }),
  ).toBeVisible();
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Save the log' }).click();
  await expect(page.getByText('In the room: 50 entries')).toBeVisible();
  await page.getByRole('button', { name: /^Remove the log/ }).click();
  await expect(page.getByText('In the room: 50 entries')).toBeHidden();
  await page.keyboard.press('u');
  await expect(page.getByText('In the room: 50 entries')).toBeVisible();
});
