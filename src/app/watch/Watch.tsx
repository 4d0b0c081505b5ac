import type { ReactElement } from 'react';
import { FolderCopying } from './FolderCopying';
import { TakenAwayNotice } from './TakenAwayNotice';

/** What is looked after on every page, whatever is being done there. */
export function Watch(): ReactElement {
  return (
    <>
      <FolderCopying />
      <TakenAwayNotice />
    </>
  );
}
