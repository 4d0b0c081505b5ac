import type { ReactElement } from 'react';
import { Sheet } from '../ui/forms/Sheet';
import { useOfferedCommands } from './useCommands';
import { shellWords } from '../words/english/shell';

interface KeysSheetProps {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** All keys that act on this page. */
export function KeysSheet({ open, onOpenChange }: KeysSheetProps): ReactElement {
  const keys = useOfferedCommands().filter((offeredCommand) => offeredCommand.key !== undefined);
  return (
    <Sheet
      open={open}
      onOpenChange={onOpenChange}
      title={shellWords.keys()}
      description={shellWords.singleKeysWorkWhileNo()}
    >
      <dl className="divide-y divide-thread border-y border-thread">
        {keys.map((key) => (
          <div key={key.id} className="flex min-h-12 items-center gap-4 py-1">
            <dt className="w-20 text-2xl font-bold">{key.key}</dt>
            <dd className="text-lg">{key.title}</dd>
          </div>
        ))}
        <div className="flex min-h-12 items-center gap-4 py-1">
          <dt className="w-20 text-2xl font-bold">0–9</dt>
          <dd className="text-lg">{shellWords.onALotStartTyping()}</dd>
        </div>
        <div className="flex min-h-12 items-center gap-4 py-1">
          <dt className="w-20 text-lg font-bold">Ctrl K</dt>
          <dd className="text-lg">{shellWords.findAnythingYouCanDo()}</dd>
        </div>
      </dl>
    </Sheet>
  );
}
