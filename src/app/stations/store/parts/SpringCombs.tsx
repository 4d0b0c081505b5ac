import type { ReactElement } from 'react';
import type { SpringComb } from '../../../data/useSpringCombs';
import { formatDay } from '../../../format/dates';
import { SheetSection } from '../../../ui/page/SheetSection';
import { storeWords } from '../../../words/english/store';

/** Combs kept whole for spring feeding: open cells ferment, and moths come. */
export function SpringCombs({ combs }: { combs: readonly SpringComb[] }): ReactElement | null {
  if (combs.length === 0) return null;
  const open = combs.filter((comb) => comb.hasOpenCells).length;
  return (
    <SheetSection id="spring" title={storeWords.combsKeptForSpring()}>
      <p className="text-lg">
        <strong className="text-3xl">{combs.length}</strong>{' '}
        {storeWords.whole({
          part: open > 0 ? storeWords.withOpenCells({ open }) : storeWords.cappedAsFarAsWas(),
        })}
      </p>
      <ul className="mt-1 divide-y divide-thread border-y border-thread text-base">
        {combs.map((comb) => (
          <li key={comb.frameId} className="py-1.5">
            {storeWords.since({ place: comb.place, day: formatDay(comb.day) })}
          </li>
        ))}
      </ul>
      <p className="mt-2 text-base">{storeWords.checkThemOnceAMonth()}</p>
    </SheetSection>
  );
}
