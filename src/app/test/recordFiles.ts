import type { ChosenFile } from './locator';
import type { Page } from './walk';

/** All records of a workspace, as the button of Kit gives them out; the page stays in Kit. */
export async function exportAll(page: Page, workspace = 'demo'): Promise<string> {
  await page.goto(`/${workspace}/kit`);
  const { text } = await page.savedBy(() =>
    page.getByRole('button', { name: 'Save all records to a file' }).click(),
  );
  return text;
}

/** A text as a file that is chosen. */
export const jsonFile = (text: string, name = 'season.json'): ChosenFile => ({
  name,
  mimeType: 'application/json',
  buffer: text,
});

/** Records of an exported file. */
export const recordsIn = (text: string): Record<string, unknown>[] =>
  (JSON.parse(text) as { records: Record<string, unknown>[] }).records;

/** An exported file with its seal taken off and its records changed by hand. */
export function changedBy(
  text: string,
  change: (records: Record<string, unknown>[]) => void,
): string {
  const file = JSON.parse(text) as { seal?: object; records: Record<string, unknown>[] };
  delete file.seal;
  change(file.records);
  return JSON.stringify(file);
}
