import type { ReactElement } from 'react';
import { Button } from '../Button';
import { formatsWords } from '../../words/english/formats';

/** Says that a form holds what was typed before the page was closed or reloaded. */
export function RestoredNote({ onDiscard }: { onDiscard: () => void }): ReactElement {
  return (
    <div className="mb-5 flex flex-wrap items-center gap-x-4 border-2 border-dashed border-ink px-3">
      <p className="text-base">{formatsWords.thisIsWhatYouTyped()}</p>
      <Button tone="quiet" onClick={onDiscard}>
        {formatsWords.clearTheForm()}
      </Button>
    </div>
  );
}
