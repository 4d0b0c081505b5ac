import { Hand } from '../src/app/test/hand';
import { expect, test, withoutAtc } from './house';

for (const [width, height] of [
  [390, 844],
  [1280, 800],
] as const) {
  test(`from a reading by ruling and jars to the labels in few taps, ${width} wide`, async ({
    page,
  }) => {
    const hand = new Hand();
    const sheet = page.getByRole('dialog');
    const add = sheet.getByRole('button', { name: 'Add', exact: true });
    await page.setViewportSize({ width, height });
    await page.goto('/mine/today');
    await hand.tap(page.getByText('Read a meter', { exact: true }));
    await hand.type(page.getByLabel('The dial shows'), '17.2');
    await hand.type(page.getByLabel('Temperature of meter and honey'), '22');
    hand.taps += 1; // ATC
    await withoutAtc(page);
    await hand.tap(page.getByRole('button', { name: 'Keep it as a new lot' }));
    await hand.tap(page.getByRole('link', { name: 'Say what it is in' }));
    await hand.tap(add);
    await hand.tap(page.getByRole('button', { name: 'Sign this ruling' }));
    await hand.type(page.getByLabel('Initials'), 'HH');
    await hand.tap(page.getByRole('button', { name: 'Sign', exact: true }));
    await hand.tap(page.getByRole('link', { name: 'Fill jars' }));
    await hand.type(sheet.getByLabel('Jars', { exact: true }), '24');
    await hand.tap(add);
    await hand.tap(page.getByRole('button', { name: /^Move or take/ }));
    hand.taps += 1; // where it stands
    await sheet.locator('select[name="placeKind"]').selectOption('shelf');
    await hand.tap(add);
    await expect(page.getByText(/^Shelf/).first()).toBeVisible();
    await hand.tap(page.getByRole('link', { name: /^Labels/ }));
    const saved = page.waitForEvent('download');
    await hand.tap(page.getByRole('button', { name: /labels as PDF/ }));
    expect((await saved).suggestedFilename()).toMatch(/\.pdf$/);

    // taps and characters that it takes at most
    expect(hand.taps).toBeLessThanOrEqual(14);
    expect(hand.typed).toBeLessThanOrEqual(20);
  });
}
