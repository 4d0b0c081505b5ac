import { Printer } from 'lucide-react';
import type { ReactElement } from 'react';
import { Button } from '../Button';
import { sharedWords } from '../../words/english/shared';

/** Everything that is folded on the page, opened for as long as it is printed. */
function printAll(): void {
  const folds = [...document.querySelectorAll<HTMLDetailsElement>('main details:not([open])')];
  for (const fold of folds) fold.open = true;
  window.print();
  for (const fold of folds) fold.open = false;
}

/** Puts the page on paper, without its buttons and with what is folded. */
export function PrintButton(): ReactElement {
  return (
    <Button className="min-h-14" onClick={printAll}>
      <Printer aria-hidden className="size-5" /> {sharedWords.print()}
    </Button>
  );
}
