import { FolderSync } from 'lucide-react';
import type { ReactElement } from 'react';
import { useFolder, type FolderStanding } from '../../data/useFolder';
import { Button } from '../../ui/Button';
import { folderWords } from '../../words/english/folder';

const sentenceOf: Readonly<Record<Exclude<FolderStanding, 'none'>, (name: string) => string>> = {
  kept: (name) => folderWords.copiesAreKeptIn({ name }),
  'not-allowed': (name) => folderWords.folderIsNotLent({ name }),
  failed: (name) => folderWords.folderFailed({ name }),
};

/** A folder of the disk in which a copy is kept without being asked for, where the browser can. */
export function FolderPart(): ReactElement | null {
  const { canChoose, standing, name, choose, lendAgain, leave } = useFolder();
  if (!canChoose) return null;
  if (standing === 'none') {
    return (
      <Button className="mt-3" onClick={choose}>
        <FolderSync aria-hidden className="size-5" /> {folderWords.keepCopiesInAFolder()}
      </Button>
    );
  }
  return (
    <div className="mt-4 max-w-2xl">
      <p role="status" className={standing === 'kept' ? 'text-lg' : 'text-lg font-semibold'}>
        {sentenceOf[standing](name)}
      </p>
      <div className="mt-2 flex flex-wrap gap-3">
        {standing === 'not-allowed' && (
          <Button tone="ink" onClick={lendAgain}>
            {folderWords.allowTheFolder()}
          </Button>
        )}
        <Button onClick={choose}>{folderWords.chooseAnotherFolder()}</Button>
        <Button onClick={leave}>{folderWords.noMoreCopies()}</Button>
      </div>
    </div>
  );
}
