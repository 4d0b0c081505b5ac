import { expect, expectAccessible, openDemoLot, savedBy, test } from './house';

test('a device signs a dossier; the verifier says whose key, and whether it is still what was signed', async ({
  page,
}) => {
  await openDemoLot(page, 'Bean field, second day');
  await page.goto(`${page.url()}/dossier`);
  await page.getByRole('button', { name: 'Sign with this device’s key' }).click();
  const line = page.getByText(/^Signed on .* by device ([0-9A-F]{4} ?){8}\.$/);
  await expect(line).toBeVisible();
  await expect(page.getByRole('button', { name: /^Sign with/ })).toHaveCount(0);
  const print = /device (.*)\.$/.exec(await line.innerText())?.[1] ?? '';
  await page.goto('/demo/kit');
  const file = await savedBy(page, () =>
    page.getByRole('button', { name: 'Save all records to a file' }).click(),
  );
  const verify = async (text: string): Promise<void> => {
    await page.goto('/demo/store/verify');
    await page
      .getByLabel('File to verify')
      .setInputFiles({ name: 'a.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  };
  await verify(file.toString());
  const signatures = page.getByRole('region', { name: 'Signatures in it' });
  await expect(signatures).toContainText(print);
  await expect(signatures).toContainText('Its records up to then are as they were signed.');
  await expectAccessible(page);

  // a forger changes a reading and leaves the seal out: anyone can, but the signature fits no more
  const forged = JSON.parse(file.toString()) as { records: { kind: string; content: object }[] };
  delete (forged as { seal?: unknown }).seal;
  for (const record of forged.records) {
    if (record.kind === 'reading') Object.assign(record.content, { remark: 'never said' });
  }
  await verify(JSON.stringify(forged));
  await expect(signatures).toContainText('Its records are not those that were signed.');
});
