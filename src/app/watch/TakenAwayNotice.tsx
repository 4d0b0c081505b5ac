import { useEffect, useState, type ReactElement } from 'react';
import { onTakenAway } from '../../db';
import { recordFileOf, recordFileText, type AnyRecord } from '../../records';
import { isoToday } from '../format/dates';
import { Button } from '../ui/Button';
import { saveFile } from '../ui/saveFile';
import { folderWords } from '../words/english/folder';

/** Says that the records were deleted under the open page, and saves what the page still has of them. */
export function TakenAwayNotice(): ReactElement | null {
  const [left, setLeft] = useState<readonly AnyRecord[] | null>(null);
  useEffect(() => onTakenAway(setLeft), []);
  if (!left) return null;
  const rescue = (): void =>
    saveFile(
      `ripenum-rescued-${isoToday()}.json`,
      recordFileText(recordFileOf(left, new Date().toISOString())),
    );
  return (
    <div
      role="alert"
      className="fixed inset-x-0 top-0 z-30 flex flex-wrap items-center gap-4 border-4 border-ink bg-paper px-4 py-2 print:hidden"
    >
      <p className="grow basis-72 text-lg font-semibold">{folderWords.recordsWereDeleted()}</p>
      <Button tone="ink" onClick={rescue}>
        {folderWords.saveWhatIsLeft()}
      </Button>
    </div>
  );
}
