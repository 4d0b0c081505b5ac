import { useEffect, useState, type ReactElement } from 'react';
import { onSuperseded } from '../../../db';
import { Button } from '../Button';
import { sharedWords } from '../../words/english/shared';

/** Says that a newer version of the application, in another tab, has taken the records over. */
export function SupersededNotice(): ReactElement | null {
  const [superseded, setSuperseded] = useState(false);
  useEffect(() => onSuperseded(() => setSuperseded(true)), []);
  if (!superseded) return null;
  return (
    <div
      role="alert"
      className="sticky top-0 z-30 flex flex-wrap items-center gap-4 border-4 border-ink bg-paper px-4 py-2 print:hidden"
    >
      <p className="grow text-lg font-semibold">{sharedWords.aNewerVersionOfRipenum()}</p>
      <Button tone="ink" onClick={() => window.location.reload()}>
        {sharedWords.loadThisPageAgain()}
      </Button>
    </div>
  );
}
