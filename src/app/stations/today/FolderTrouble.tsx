import type { ReactElement } from 'react';
import { useFolder } from '../../data/useFolder';
import { Button } from '../../ui/Button';
import { folderWords } from '../../words/english/folder';

/** Why no copy is kept in the chosen folder any more, and the way out. */
export function FolderTrouble(): ReactElement | null {
  const { standing, name, lendAgain, choose } = useFolder();
  if (standing !== 'not-allowed' && standing !== 'failed') return null;
  const isFailed = standing === 'failed';
  return (
    <div className="mt-4 border-l-4 border-ink pl-3">
      <p role="status" className="text-lg font-semibold">
        {isFailed ? folderWords.folderFailed({ name }) : folderWords.folderIsNotLent({ name })}
      </p>
      <Button className="mt-2" onClick={isFailed ? choose : lendAgain}>
        {isFailed ? folderWords.chooseAnotherFolder() : folderWords.allowTheFolder()}
      </Button>
    </div>
  );
}
