import { databaseOf, keepCopyMark, type Workspace } from '../../db';
import { copyFolder, keepCopyFolder, mayWrite, writeInTurn } from '../../db/copyFolder';
import { RecordFileJob } from '../../workers/recordFileClient';

/** What became of a copy into the folder. */
export type FolderCopy = 'written' | 'no-folder' | 'not-allowed' | 'failed' | 'under-way';

async function write(workspace: Workspace): Promise<FolderCopy> {
  const database = databaseOf(workspace);
  const chosen = await copyFolder(database);
  if (!chosen) return 'no-folder';
  if (!(await mayWrite(chosen.folder))) return 'not-allowed';
  const job = new RecordFileJob();
  try {
    const made = await job.run((remote, tell) => remote.write(workspace, { form: 'json' }, tell));
    if (!made.ok) throw new Error(made.error.code);
    const { blob, records } = made.value;
    await writeInTurn(database, chosen, { name: `ripenum-${workspace}`, blob });
    await keepCopyMark(database, { at: new Date().toISOString(), records });
    return 'written';
  } catch {
    await keepCopyFolder(database, { ...chosen, hasFailed: true });
    return 'failed';
  } finally {
    job.close();
  }
}

/** Writes everything into the chosen folder; one tab at a time does. */
export function copyIntoFolder(workspace: Workspace): Promise<FolderCopy> {
  const { locks } = navigator as Partial<Navigator>;
  if (!locks) return write(workspace);
  return locks.request(`ripenum-copy-${workspace}`, { ifAvailable: true }, (lock) =>
    lock ? write(workspace) : 'under-way',
  );
}
