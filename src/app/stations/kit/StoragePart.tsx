import type { ReactElement } from 'react';
import type { StorageState } from '../../../db';
import { formatBytes } from '../../format/bytes';
import { Button } from '../../ui/Button';
import { kitWords } from '../../words/english/kit';
import { useStorage } from './useStorage';

const stays = ({ lasting }: StorageState): string => {
  if (lasting === null) return kitWords.notSaidWhetherKept();
  return lasting ? kitWords.keptUntilDeleted() : kitWords.mayBeCleared();
};

/** How safe the records are in this browser, and how much room there is. */
export function StoragePart(): ReactElement | null {
  const { state, refused, ask } = useStorage();
  if (!state) return null;
  const { usedBytes, freeBytes } = state;
  return (
    <div className="mt-6 max-w-2xl text-lg">
      <p>
        {stays(state)}
        {usedBytes !== null && ` ${kitWords.roomTaken({ used: formatBytes(usedBytes) })}`}
        {freeBytes !== null && ` ${kitWords.roomFree({ free: formatBytes(freeBytes) })}`}
      </p>
      {state.lasting === false && (
        <Button className="mt-3" onClick={() => void ask()}>
          {kitWords.askToKeep()}
        </Button>
      )}
      {refused && (
        <p role="status" className="mt-2 font-semibold">
          {kitWords.browserRefused()}
        </p>
      )}
    </div>
  );
}
