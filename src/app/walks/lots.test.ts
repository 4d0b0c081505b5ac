import { expect, test } from '../test/walk';
import { outcome, openDemoLot, startOwnLot, withoutAtc } from '../test/houses';

const LOTS = [
  ['Borage, east field', 'Accept'],
  ['Bean field, second day', 'Accept, but'],
  ['Sea lavender, outer marsh', 'Accept on its capping, but look again by'],
  ['Marsh, after the rain', 'Over the limit'],
  ['Last of the extractor', 'Set one vessel aside: over the limit'],
  ['Ling from the moor', 'Measure more'],
  ['Field yard, clover boxes', 'Blocked for every use'],
] as const;

test('deciding otherwise than the rules takes a reason, which stays', async ({ page }) => {
  await openDemoLot(page, 'Bean field, first day');
  await expect(outcome(page)).toHaveText('Check the zero of the meter');
  await page.getByRole('button', { name: 'Sign this ruling' }).click();
  await page.getByLabel('Your initials').fill('DM');
  await page.getByRole('dialog').getByRole('radio', { name: 'Accept', exact: true }).click();
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByText('Say why you decide differently from the rules.')).toBeVisible();
  await page.getByLabel('Why you decide differently').fill('For our own kitchen');
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByText(/against the rules: For our own kitchen/)).toBeVisible();
});

test('new evidence makes a signed ruling out of date', async ({ page }) => {
  await openDemoLot(page, 'Borage, east field');
  await expect(page.getByText(/Signed by HH/)).toBeVisible();
  await page.keyboard.type('17.0');
  await page
    .getByLabel('Meter', { exact: true })
    .selectOption({ label: 'House hand refractometer' });
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(
    page.getByText('The evidence has changed since: check it and sign again.'),
  ).toBeVisible();
});

test('each lot of the demo has the decision that it was made for', async ({ page }) => {
  // One season is enough for all lots; to open it anew for each costs seconds.
  for (const [name, decision] of LOTS) {
    await openDemoLot(page, name);
    await expect(outcome(page)).toContainText(decision);
  }
});

test('a fill height gives the mass, with what it may be off by', async ({ page }) => {
  await page.goto('/mine/lots/new');
  await page.getByRole('radio', { name: 'By fill height' }).click();
  await page.getByLabel('Inner diameter').fill('30');
  await page.getByLabel('Fill height').fill('20');
  await page.getByRole('button', { name: 'Another kind' }).click();
  await page.getByRole('group', { name: 'Containers 2' }).getByLabel('Kind').selectOption('drum');
  await expect(page.getByRole('group', { name: 'Containers 2' }).getByLabel('Label')).toHaveValue(
    'Drum',
  );
  await page.getByRole('button', { name: 'Start this lot' }).click();
  // π·15²·20 cm³ of about 18.5 % honey
  await expect(page.getByText(/Together 19\.9 ± 1\.0 kg/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Containers' })).toContainText('1 × Drum');
});

test('signs of fermentation outrank a dry reading, with the caution', async ({ page }) => {
  await openDemoLot(page, 'Borage, east field');
  await expect(outcome(page)).toHaveText('Accept');
  await page.getByRole('button', { name: 'Details' }).click();
  await page.getByLabel('Foam that comes back').click();
  await page.getByRole('dialog').getByLabel('Why').fill('Seen this morning');
  await page.getByRole('button', { name: 'Save the correction' }).click();
  await expect(outcome(page)).toHaveText('Do not jar or sell: it is fermenting');
  await expect(page.getByText(/never heat it in a closed jar/)).toBeVisible();
  await expect(
    page.getByText('The evidence has changed since: check it and sign again.'),
  ).toBeVisible();
});

test('several vessels: each next reading is offered the next untested one', async ({ page }) => {
  await startOwnLot(page);
  await page.getByRole('button', { name: /Correct Bucket/ }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('How many').fill('3');
  await sheet.getByLabel('Why').fill('More is known now');
  await sheet.getByRole('button', { name: 'Save the correction' }).click();
  await expect(page.getByRole('region', { name: 'Containers' })).toContainText('3 × Bucket');
  const from = page.getByLabel('Taken from');
  for (const vessel of ['Bucket 1', 'Bucket 2', 'Bucket 3']) {
    await expect(from).toHaveChosen(vessel);
    await page.getByLabel('The dial shows').fill('17.0');
    await page.getByLabel('Temperature of meter and honey').fill('20');
    await page.getByRole('button', { name: 'Save this reading' }).click();
    await expect(
      page.getByRole('listitem').filter({ hasText: `${vessel} · dial 17.0 %` }),
    ).toBeVisible();
  }
  await page.getByText(/^History/).click();
  await expect(page.getByText(/3 × Bucket changed/)).toBeVisible();
});

test('a correction takes a reason, changes the answer, and leaves the former entry in the history', async ({
  page,
}) => {
  await openDemoLot(page, 'Marsh, after the rain');
  await page.getByRole('button', { name: /Correct reading 21.4/ }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('The dial shows').fill('17.4');
  await sheet.getByRole('button', { name: 'Save the correction' }).click();
  await expect(sheet.getByText('Say briefly why')).toBeVisible();
  await sheet.getByLabel('Why').fill('Typing slip');
  await sheet.getByRole('button', { name: 'Save the correction' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'dial 17.4 %' })).toBeVisible();
  await page.getByText(/^History/).click();
  await expect(page.getByText(/Reading: dial 21.4 % entered/)).toBeVisible();
  await expect(page.getByText(/Reading: dial 17.4 % changed.*Typing slip/)).toBeVisible();
});

test('removing a lot leaves a way back', async ({ page }) => {
  await startOwnLot(page);
  await page.getByRole('button', { name: 'Details' }).click();
  await page.getByRole('button', { name: 'Remove this lot' }).click();
  await expect(
    page.getByRole('heading', { name: 'There is nothing at this address' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(outcome(page)).toBeVisible();
});

test('letters, a comma, and a number that belongs to another scale', async ({ page }) => {
  await startOwnLot(page);
  const dial = page.getByLabel('The dial shows');
  await dial.fill('dry');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(
    page.getByText('“dry” is not a number. Type digits only, such as 17.4.'),
  ).toBeVisible();
  await expect(dial).toHaveValue('dry');

  await dial.fill('17,4');
  await expect(page.getByRole('status', { name: 'What the dial means' })).toContainText('17.4 ±');

  await dial.fill('82.4');
  await expect(page.getByText('82.4 looks like °Brix, not % water.')).toBeVisible();
  await page.getByRole('button', { name: 'Switch to °Brix' }).click();
  await expect(page.getByRole('status', { name: 'What the dial means' })).toContainText(
    '15.8 ± 1.9 % water',
  );
  await expect(page.getByText(/100 − 82.4 would give 17.6 %/)).toBeVisible();
});

test('an index of water, a temperature out of range, and °F typed for °C', async ({ page }) => {
  await startOwnLot(page);
  await page.getByRole('radio', { name: 'nD' }).click();
  await page.getByLabel('The dial shows').fill('1.333');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByText(/that of water: wipe prism and lid dry/)).toBeVisible();

  await page.getByLabel('The dial shows').fill('1.492');
  await page.getByLabel('Temperature of meter and honey').fill('77');
  await page.getByRole('button', { name: 'Use 25 °C' }).click();
  await expect(page.getByLabel('Temperature of meter and honey')).toHaveValue('25');
  await page.getByLabel('Temperature of meter and honey').fill('-8');
  await page.getByLabel('Remark').click();
  await expect(page.getByText(/can be corrected between 5 and 45 °C/)).toBeVisible();
});

test("a target of one's own survives another rule set; a taken code is replaced by the button", async ({
  page,
}) => {
  await startOwnLot(page);
  await page.goto('/mine/lots/new');
  const code = await page.getByLabel('Lot code').value();
  await page.getByLabel('Your own target').fill('17.2');
  await page.getByLabel('Rule set').selectOption('us-grade-a-b');
  await expect(page.getByLabel('Your own target')).toHaveValue('17.2');
  const taken = code.replace(/b$/, 'a');
  await page.getByLabel('Lot code').fill(taken);
  await page.getByRole('button', { name: `Use ${code}` }).click();
  await expect(page.getByLabel('Lot code')).toHaveValue(code);
});

test('from the door into the demo season to a signed ruling', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: /Start with the demo season/ }).click();
  await expect(page.getByRole('heading', { name: 'Waiting for your decision (8)' })).toBeVisible();
  await page.getByRole('link', { name: /Straight from the warm room/ }).click();
  await expect(page.getByText('Read warm: 1.18 lower than the dial.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Sign this ruling' }).click();
  await page.getByLabel('Your initials').fill('DM');
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByText(/Signed by DM/).first()).toBeVisible();
});

test('in °F, pounds and gallons from end to end', async ({ page }) => {
  await page.goto('/mine/kit');
  for (const unit of ['°F', 'lb', 'US gal', 'in'])
    await page.getByRole('radio', { name: unit, exact: true }).click();
  await page.getByLabel('Rule set for new lots').selectOption('us-grade-a-b');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Your settings are saved.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('radio', { name: '°F' })).toBeChecked();

  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await page.getByRole('link', { name: 'New lot' }).click();
  await expect(page.getByText('Limit 18.6 %.')).toBeVisible();
  await page.getByRole('radio', { name: 'By volume' }).click();
  await page.getByLabel('Honey in each').fill('5');
  await page.getByLabel('Temperature of the store').fill('60');
  await page.getByRole('button', { name: 'Start this lot' }).click();
  // 5 US gallons of honey with about 18.5 % water, ± half a litre
  await expect(page.getByText(/Together 58\.9 ± 1\.9 lb/)).toBeVisible();
  await page.getByLabel('The dial shows').fill('17.8');
  await withoutAtc(page);
  await page.getByLabel('Temperature of meter and honey').fill('77');
  await expect(page.getByText('Read warm: 0.45 lower than the dial.')).toBeVisible();
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'at 77.0 °F' })).toBeVisible();
  await expect(page.getByText(/Stored at 60 °F/)).toBeVisible();
});

test('a lot that was not measured never reads as conforming', async ({ page }) => {
  await openDemoLot(page, 'Sea lavender, outer marsh');
  await page.keyboard.press('d');
  await expect(page.getByText('Moisture not measured; expected')).toBeVisible();
  await expect(page.getByText('Not tested: moisture, yeast count')).toBeVisible();
  await expect(page.getByText('No readings.')).toBeVisible();
});
