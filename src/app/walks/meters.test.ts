import { expect, expectAccessible, test } from '../test/walk';
import { openBench, startBuckets, chooseMeter, noticed } from '../test/houses';

test('a zero check: wrong input, an offset that is taken off, a jump that flags readings', async ({
  page,
}) => {
  await page.goto('/mine/bench');
  await page.getByRole('button', { name: 'Add a meter' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('Gate meter');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('link', { name: /Gate meter/ }).click();
  const keep = page.getByRole('button', { name: 'Save this check' });
  await keep.click();
  await expect(page.getByText('Type what the dial showed.')).toBeVisible();
  await page.getByLabel('Index at 20 °C on the label').fill('1.33');
  await page.getByLabel('The dial shows').fill('20.0');
  await page.getByLabel('Temperature of meter and reference').fill('20');
  await keep.click();
  await expect(page.getByText(/This must be between 1.465 and 1.506/)).toBeVisible();
  await page.getByLabel('Index at 20 °C on the label').fill('1.487');
  await expect(page.getByText(/At this temperature the dial should show/)).toContainText('19.8 %');
  await keep.click();
  await expect(page.getByRole('heading', { name: 'Checks so far (1)' })).toBeVisible();
  await startBuckets(page, 2);
  await page.keyboard.type('18');
  await page.getByLabel('Temperature of meter and honey').fill('20');
  await expect(page.getByRole('status', { name: 'What the dial means' })).toContainText(
    'too wet; that was taken off',
  );
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await noticed(page, /Reading 18.0 % saved/);
  await page.keyboard.press('Escape');
  await page.goto('/mine/bench');
  await page.getByRole('link', { name: /Gate meter/ }).click();
  await page.getByLabel('The dial shows').fill('21.4');
  await page.getByLabel('Temperature of meter and reference').fill('20');
  await keep.click();
  await expect(page.getByText(/A jump of 1.4 points since the previous check/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Readings in doubt (1)' })).toBeVisible();
  await expectAccessible(page);
  const doubted = page.getByRole('region', { name: 'Readings in doubt' }).first();
  await expect(doubted.getByText('1 container to read again')).toBeVisible();
  await page.goto('/mine/today');
  await expect(page.getByText(/The zero of its meter jumped/)).toBeVisible();
  await page.getByRole('link', { name: /Read 1 container of .* again/ }).click();
  await expect(page.getByText(/In doubt: the meter’s zero jumped at the next check/)).toBeVisible();
});

test('the eyepiece is read: spread, focused, hairline on the border, kept, compared with the truth', async ({
  page,
}) => {
  await openBench(page, /outer marsh/);
  await chooseMeter(page, 'Stand-in eyepiece');
  const eyepiece = page.getByRole('region', { name: 'Stand-in eyepiece' });
  await eyepiece.getByRole('button', { name: 'Press the lid to spread the film' }).click();
  const ring = eyepiece.getByRole('slider', { name: 'Focus ring' });
  await ring.focus();
  for (let turn = 0; turn < 47; turn += 1) await page.keyboard.press('ArrowRight');
  await expectAccessible(page);
  const hairline = eyepiece.getByRole('slider', { name: 'Hairline' });
  await hairline.focus();
  for (let step = 0; step < 29; step += 1) await page.keyboard.press('ArrowRight');
  await eyepiece.getByRole('button', { name: 'Use the hairline’s value' }).click();
  const dial = Number(await page.getByLabel('The dial shows').value());
  await expect(page.getByLabel('Temperature of meter and honey')).not.toHaveValue('');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await noticed(page, /Reading .* saved/);
  await eyepiece.getByRole('button', { name: 'What was it really?' }).click();
  const said = await eyepiece.getByText(/It was/).innerText();
  const truth = Number(/([\d.]+) % water/.exec(said)?.[1]);
  expect(Math.abs(dial - truth)).toBeLessThan(2);
});

test('a stand-in in a lot of one’s own is practice: it never counts', async ({ page }) => {
  await page.goto('/mine/bench');
  await page.getByRole('button', { name: 'Add a meter' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('To practise');
  await sheet.getByLabel('How readings come in').selectOption('eyepiece');
  await sheet.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(sheet).toBeHidden();
  await startBuckets(page, 2);
  await page.getByLabel('The dial shows').fill('17.4');
  await expect(page.getByText(/Practice on a simulated meter/)).toBeVisible();
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByText(/· practice/)).toBeVisible();
  await page.getByRole('link', { name: /^Decision/ }).click();
  await expect(page.getByRole('heading', { name: 'Comb' })).toBeVisible();
  await expect(page.getByText(/This is what you typed before/)).toHaveCount(0);
  await page.getByLabel('The dial shows').fill('17.4');
  await expect(page.getByText(/Practice on a simulated meter/)).toBeVisible();
  await page.getByRole('link', { name: /^Readings/ }).click();
  await expect(page.getByRole('region', { name: 'Measured', exact: true })).toContainText(
    'Nothing measured yet',
  );
});
