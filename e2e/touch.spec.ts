import { expect, expectAccessible, expectNoSidewaysScroll, outcome, test } from './house';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

test('the whole path with a thumb on a phone', async ({ page }) => {
  await page.goto('/');
  await expectNoSidewaysScroll(page);
  await page.getByRole('link', { name: /Start my own/ }).tap();
  await page.getByRole('link', { name: 'Start a lot' }).tap();
  await page.getByRole('radio', { name: '9', exact: true }).tap();
  await page.getByRole('radio', { name: 'Nothing fell' }).tap();
  await expect(page.getByText(/^Accept on its capping/).first()).toBeInViewport();
  await expectNoSidewaysScroll(page);
  await page.getByRole('radio', { name: 'Weighed' }).tap();
  await page.getByLabel('Honey in each').fill('12,5');
  await page.getByRole('button', { name: 'Start this lot' }).tap();

  await expect(page.getByText(/Together (about )?12\.5/)).toBeVisible();
  await page.getByLabel('The dial shows').fill('17.2');
  await page.getByLabel('Temperature of meter and honey').fill('20');
  await expect(page.getByText(/The lot then: 17\.2 ± \d\.\d %, accept/)).toBeVisible();
  await expectNoSidewaysScroll(page);
  await page.getByRole('button', { name: 'Save this reading' }).tap();
  await expect(outcome(page)).toContainText('Accept');
  await page.getByRole('button', { name: 'Sign this ruling' }).tap();
  await page.getByLabel('Your initials').fill('TH');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Sign', exact: true }).tap();
  await expect(page.getByText(/Signed by TH/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).tap();
  await expect(page.getByRole('heading', { name: 'Signed (1)' })).toBeVisible();
  await expectNoSidewaysScroll(page);
  await expectAccessible(page);
  await page.goto('/');
  await expect(page.getByRole('link', { name: /^Carry on \(1 lot\)/ })).toBeVisible();
});

test('targets are at least 44 px high, in the comb 56 px', async ({ page }) => {
  await page.goto('/mine/lots/new');
  await expect(page.getByRole('radio', { name: '5', exact: true })).toBeVisible();
  const small = await page.evaluate(() =>
    [
      ...document.querySelectorAll(
        'button, a[href], input:not([tabindex="-1"]), select, [role="radio"]',
      ),
    ]
      .filter((element) => !element.matches('.sr-only, select[aria-hidden], input[aria-hidden]'))
      .map((element) => ({ text: element.textContent ?? '', box: element.getBoundingClientRect() }))
      .filter(({ box }) => box.height > 0 && box.height < 44 && box.height !== 28)
      .map(({ text, box }) => `${text} ${box.height}`),
  );
  expect(small).toEqual([]);
  const cell = await page.getByRole('radio', { name: '5', exact: true }).boundingBox();
  expect(cell?.height).toBeGreaterThanOrEqual(56);
  expect(cell?.width).toBeGreaterThanOrEqual(56);
});

test('on a phone, going back closes the sheet first, and what was typed stays', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/mine/today');
  await page.getByRole('link', { name: 'Hives' }).tap();
  await page.getByRole('navigation', { name: 'Hives' }).getByRole('link', { name: 'Season' }).tap();
  await page.getByRole('button', { name: 'Add a yard' }).tap();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('Marsh');
  await page.waitForTimeout(400);
  await page.goBack();
  await expect(sheet).toHaveCount(0);
  await expect(page).toHaveURL(/\/mine\/season$/);
  await page.getByRole('button', { name: 'Add a yard' }).tap();
  await expect(sheet.getByLabel('Name')).toHaveValue('Marsh');
  await page.getByRole('button', { name: 'Close' }).tap();
  await page.goBack();
  await expect(page).toHaveURL(/\/mine\/comb$/);
});
