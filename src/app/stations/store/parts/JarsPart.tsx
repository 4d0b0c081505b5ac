import type { ReactElement } from 'react';
import { PURPOSES } from '../../../../records';
import { PURPOSE_NAMES } from '../../../words/storeWords';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { StoredLot } from '../../../../model';
import { PageLink } from '../../../ui/page/PageLink';
import { jarCareWords } from '../../../words/english/jarCare';
import { jarsWords } from '../../../words/english/jars';

/** Jars in the house: for what they are set aside, and what remains. */
export function JarsPart({ lots }: { lots: readonly StoredLot[] }): ReactElement {
  const stocks = lots.flatMap((lot) => lot.jars);
  const left = stocks.reduce((sum, stock) => sum + stock.left, 0);
  const free = stocks.reduce((sum, stock) => sum + stock.free, 0);
  const rows = PURPOSES.map((purpose) => ({
    purpose,
    aside: stocks.reduce((sum, stock) => sum + stock.setAside[purpose], 0),
    out: stocks.reduce((sum, stock) => sum + stock.givenOut[purpose], 0),
  }));
  return (
    <SheetSection
      id="jars"
      title={jarsWords.jarsAndWhatTheyAre()}
      aside={<PageLink to="store/jars">{jarCareWords.title()}</PageLink>}
    >
      <p className="text-lg">
        <strong className="text-5xl">{left}</strong> {jarsWords.jarsInStock()}
      </p>
      <dl className="mt-2 divide-y divide-thread border-y border-thread text-lg">
        {rows.map(({ purpose, aside, out }) => (
          <div key={purpose} className="flex justify-between gap-3 py-1.5">
            <dt>{jarsWords.for({ purpose: PURPOSE_NAMES[purpose] })}</dt>
            <dd>
              <strong>{aside}</strong> {jarsWords.setAsideGone({ out })}
            </dd>
          </div>
        ))}
        <div className="flex justify-between gap-3 py-1.5 font-bold">
          <dt>{jarsWords.notSetAsideYet()}</dt>
          <dd>{free}</dd>
        </div>
      </dl>
      <p className="mt-2 text-base">{jarsWords.noHoneyForInfantsUnder()}</p>
    </SheetSection>
  );
}
