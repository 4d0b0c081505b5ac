import { useEffect } from 'react';
import { useCopyFolder, useCopyState } from '../../db';
import { selectWorkspace, useAppSelector } from '../../store';
import { copyIntoFolder } from '../data/folderCopy';

/** Nothing was entered for so long: then a copy is made [ms]. */
const QUIET_MS = 15_000;

/** Keeps a copy in the folder that was chosen, whenever something was entered; shows nothing. */
export function FolderCopying(): null {
  const workspace = useAppSelector(selectWorkspace);
  const chosen = useCopyFolder(workspace);
  const since = useCopyState(workspace)?.since ?? 0;
  const isWanted = chosen !== null && chosen !== undefined && !chosen.hasFailed && since > 0;
  useEffect(() => {
    if (!isWanted) return;
    const timer = window.setTimeout(() => void copyIntoFolder(workspace), QUIET_MS);
    return () => window.clearTimeout(timer);
  }, [isWanted, since, workspace]);
  return null;
}
