import { useEffect, useState } from 'react';
import { databaseOf, useCopyFolder } from '../../db';
import { dropCopyFolder, keepCopyFolder, mayWrite } from '../../db/copyFolder';
import type { Folder } from '../../db/settingRows';
import { selectWorkspace, useAppSelector } from '../../store';
import { copyIntoFolder } from './folderCopy';

type Picker = (options: { readonly id: string; readonly mode: 'readwrite' }) => Promise<Folder>;

/** Lent by some browsers on computers only. */
const picker = (): Picker | undefined =>
  (window as { showDirectoryPicker?: Picker }).showDirectoryPicker;

/** How it stands with copies in a folder. */
export type FolderStanding = 'none' | 'kept' | 'not-allowed' | 'failed';

/** The folder that copies are kept in: choosing it, lending it again, and leaving it. */
export function useFolder() {
  const workspace = useAppSelector(selectWorkspace);
  const chosen = useCopyFolder(workspace);
  const folder = chosen?.folder;
  const [isLent, setLent] = useState(true);
  useEffect(() => {
    let isLeft = false;
    if (folder) void mayWrite(folder).then((may) => !isLeft && setLent(may));
    return () => {
      isLeft = true;
    };
  }, [folder]);

  const take = async (taken: Folder): Promise<void> => {
    await keepCopyFolder(databaseOf(workspace), { folder: taken, written: chosen?.written ?? 0 });
    setLent(true);
    await copyIntoFolder(workspace);
  };
  const choose = async (): Promise<void> => {
    const picked = await picker()?.({ id: 'ripenum', mode: 'readwrite' })
      // closed without a choice
      .catch(() => null);
    if (picked) await take(picked);
  };
  const lendAgain = async (): Promise<void> => {
    if (folder && (await mayWrite(folder, true))) await take(folder);
  };
  const standing = (): FolderStanding => {
    if (!chosen) return 'none';
    if (chosen.hasFailed) return 'failed';
    return isLent ? 'kept' : 'not-allowed';
  };
  return {
    canChoose: picker() !== undefined,
    standing: standing(),
    name: folder?.name ?? '',
    choose: () => void choose(),
    lendAgain: () => void lendAgain(),
    leave: () => void dropCopyFolder(databaseOf(workspace)),
  };
}
