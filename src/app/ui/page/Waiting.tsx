import type { ReactElement } from 'react';
import { sharedWords } from '../../words/english/shared';

/** Stands while records are being read; long enough to be seen only on a slow device. */
export function Waiting(): ReactElement {
  return (
    <p role="status" className="p-6 text-lg">
      {sharedWords.openingTheRecords()}
    </p>
  );
}
