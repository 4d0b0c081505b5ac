import type { ReactElement } from 'react';
import type { SpringComb } from '../../../data/useSpringCombs';
import { formatDay } from '../../../format/dates';
import { SheetSection } from '../../../ui/page/SheetSection';

/** Combs kept whole for spring feeding: open cells ferment, and moths come. */
export function SpringCombs({ combs }: { combs: readonly SpringComb[] }): ReactElement | null {
  if (combs.length === 0) return null;
  const open = combs.filter((one) => one.hasOpenCells).length;
  return (
    <SheetSection id="spring" title="Combs kept for spring">
      <p className="text-lg">
        <strong className="text-3xl">{combs.length}</strong> whole,{' '}
        {open > 0 ? `${open} with open cells` : 'capped as far as was seen'}
      </p>
      <ul className="mt-1 divide-y divide-thread border-y border-thread text-base">
        {combs.map((one) => (
          <li key={one.frameId} className="py-1.5">
            {one.place}, since {formatDay(one.day)}
          </li>
        ))}
      </ul>
      <p className="mt-2 text-base">
        Look at them once a month: open cells take up water and ferment, and moths come above 10 °C.
        No moth chemicals: they would block the honey for every use.
      </p>
    </SheetSection>
  );
}
