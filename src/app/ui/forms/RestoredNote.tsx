import type { ReactElement } from 'react';
import { Button } from '../Button';

/** Says that a form holds what was typed before the page was closed or reloaded. */
export function RestoredNote({ onDiscard }: { onDiscard: () => void }): ReactElement {
  return (
    <div className="mb-5 flex flex-wrap items-center gap-x-4 border-2 border-dashed border-ink px-3">
      <p className="text-base">This is what you typed before and had not kept yet.</p>
      <Button tone="quiet" onClick={onDiscard}>
        Empty the fields
      </Button>
    </div>
  );
}
