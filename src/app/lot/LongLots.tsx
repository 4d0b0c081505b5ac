import type { ReactElement, ReactNode } from 'react';
import type { LotFile } from '../../model';
import { lotTexts } from '../format/lotTexts';
import { LongList } from '../ui/page/LongList';
import { sharedWords } from '../words/english/shared';

interface LongLotsProps<T> {
  lots: readonly T[];
  children: (shown: readonly T[]) => ReactNode;
}

/** Lots as a list that may have grown long: found by name, code, plant and origin. */
export function LongLots<T extends { readonly file: LotFile }>({
  lots,
  children,
}: LongLotsProps<T>): ReactElement {
  return (
    <LongList items={lots} find={sharedWords.findALot()} textsOf={({ file }) => lotTexts(file)}>
      {children}
    </LongList>
  );
}
