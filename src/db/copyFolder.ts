import type { RipenumDatabase } from './database';
import type { CopyFolder, Folder } from './settingRows';

/** So many copies stand beside one another; the oldest makes room. */
const TURNS = 3;

const MODE = { mode: 'readwrite' } as const;

/** The folder of a workspace; null where none was chosen. */
export async function copyFolder(database: RipenumDatabase): Promise<CopyFolder | null> {
  const row = await database.settings.get('folder');
  return row?.key === 'folder' ? row.value : null;
}

export async function keepCopyFolder(database: RipenumDatabase, value: CopyFolder): Promise<void> {
  await database.settings.put({ key: 'folder', value });
}

/** Copies are kept there no longer; those that are there stay. */
export const dropCopyFolder = (database: RipenumDatabase): Promise<void> =>
  database.settings.delete('folder');

/** Whether the browser may write into a folder; asked of the keeper only while a tap is being answered. */
export async function mayWrite(folder: Folder, isAsked = false): Promise<boolean> {
  const state = isAsked
    ? await folder.requestPermission?.(MODE)
    : await folder.queryPermission?.(MODE);
  return (state ?? 'granted') === 'granted';
}

/**
 * Writes a copy in its turn: a file is there as a whole or stays as it was.
 *
 * @throws what the browser says where the folder is gone, full, or no longer lent
 */
export async function writeInTurn(
  database: RipenumDatabase,
  { folder, written }: CopyFolder,
  { name, blob }: { readonly name: string; readonly blob: Blob },
): Promise<void> {
  const file = await folder.getFileHandle(`${name}-${(written % TURNS) + 1}.json`, {
    create: true,
  });
  const stream = await file.createWritable();
  try {
    await stream.write(blob);
    await stream.close();
  } catch (error) {
    await stream.abort().catch(() => undefined);
    throw error;
  }
  await keepCopyFolder(database, { folder, written: written + 1 });
}
