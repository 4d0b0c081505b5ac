import { shots, BASE } from './tmpshot.mjs';
const PHONE = { width: 390, height: 844 };
const day = (name, path = '') => async (page) => {
  await page.goto(`${BASE}/demo/strain`);
  await page.getByRole('link', { name }).click();
  await page.getByRole('heading', { name: 'What would help' }).waitFor();
  await page.waitForTimeout(2500);
  if (path) await page.getByRole('link', { name: path }).click();
  await page.waitForTimeout(800);
};
await shots([
  { name: 'day', open: day(/Marsh, from the warm/) , full: true},
  { name: 'dayphone', full: true, size: PHONE, open: day(/Field yard, late/) },
  { name: 'combs', full: true, open: day(/Leftover/, 'Combs and tools') },
  { name: 'clean', full: true, open: day(/Leftover/, 'Clean up') },
  { name: 'kit', full: true, open: async (p) => { await p.goto(`${BASE}/demo/strain/kit-list`); await p.getByRole('list', { name: 'Kit' }).waitFor(); } },
  { name: 'sheet', open: async (p) => { await p.goto(`${BASE}/demo/strain`); await p.getByRole('button', { name: 'Plan a day' }).click(); await p.getByText('Strainer, honey and pails').click(); await p.waitForTimeout(500); } },
  { name: 'alarm', open: async (p) => { await day(/Field yard, late/)(p); await p.getByText('Another pail, not empty').click(); await p.getByLabel('In it already').fill('12.3'); await p.getByRole('button', { name: /Open the gate on/ }).click(); await p.waitForTimeout(1500); } },
]);
