import Dexie from 'dexie';
import { current } from '../records';
import { databaseOf } from './database';
import type { Workspace } from './workspaces';

/** How many lots a workspace holds; none where it was never opened, and no database is made to find out. */
export async function lotsKept(workspace: Workspace): Promise<number> {
  const database = databaseOf(workspace);
  if (!(await Dexie.exists(database.name))) return 0;
  return current(await database.tableOf('lot').toArray()).length;
}
