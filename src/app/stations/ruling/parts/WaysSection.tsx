import { Check, Minus } from 'lucide-react';
import type { ReactElement } from 'react';
import { isAccepted, type Ruling } from '../../../../core';
import { WAY_NAMES } from '../../../words/storeWords';
import { rulingWords } from '../../../words/english/ruling';
import { useTell } from '../../../words/useTell';

/** What else can be done with the honey, each way open or closed with its reason. */
export function WaysSection({ ruling }: { ruling: Ruling }): ReactElement | null {
  const tell = useTell();
  if (isAccepted(ruling.outcome) || ruling.outcome === 'measure') return null;
  return (
    <section aria-labelledby="ways">
      <h2 id="ways" className="text-2xl font-bold">
        {rulingWords.whatCanBeDoneWith()}
      </h2>
      <ul className="mt-2 divide-y divide-thread border-y border-thread">
        {ruling.ways.map(({ id, open, because }) => {
          const Mark = open ? Check : Minus;
          return (
            <li key={id} className="flex gap-3 py-2">
              <Mark aria-hidden className="mt-1 size-5 shrink-0" strokeWidth={3} />
              <span>
                <span
                  className={`block text-lg ${open ? 'font-bold' : 'line-through decoration-1'}`}
                >
                  {WAY_NAMES[id]}
                  <span className="sr-only">
                    {open ? rulingWords.open() : rulingWords.closed()}
                  </span>
                </span>
                <span className="block text-base">{tell(because)}</span>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
