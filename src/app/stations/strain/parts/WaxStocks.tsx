import type { ReactElement } from 'react';
import type { MeltYield } from '../../../../core';
import { formatQuantity } from '../../../format/units';
import { SheetSection } from '../../../ui/page/SheetSection';
import { waxWords } from '../../../words/english/wax';
import { WAX_FORM_NAMES } from '../../../words/waxNames';
import type { useWaxController } from '../useWaxController';

const VERDICTS: Readonly<Record<MeltYield['verdict'], string>> = {
  low: waxWords.yieldLow(),
  usual: waxWords.yieldUsual(),
  high: waxWords.yieldHigh(),
};

/** What wax is there, form by form, and what melting gave. */
export function WaxStocks(props: ReturnType<typeof useWaxController>): ReactElement {
  const { stock, yields, expected, sheets, format, preferences, today } = props;
  const mass = (kg: number): string => formatQuantity(kg, 'mass', preferences, 2);
  const here = stock.filter(({ leftKg, missingKg }) => leftKg > 0 || missingKg > 0);
  return (
    <SheetSection id="wax-here" title={waxWords.onHand()}>
      {here.length === 0 && <p className="text-lg">{waxWords.nothingYet()}</p>}
      <dl className="divide-y divide-thread">
        {here.map(({ form, leftKg, missingKg }) => (
          <div key={form} className="flex flex-wrap items-baseline justify-between gap-x-3 py-1.5">
            <dt className="text-lg">{WAX_FORM_NAMES[form]}</dt>
            <dd className="text-2xl font-bold">{mass(leftKg)}</dd>
            {missingKg > 0 && (
              <dd className="basis-full text-base font-semibold">
                {waxWords.missing({ kg: mass(missingKg) })}
              </dd>
            )}
          </div>
        ))}
      </dl>
      <ul className="mt-2 space-y-1 text-lg">
        {yields.map(({ form, share, verdict }) => (
          <li key={form}>
            {waxWords.yieldOf({
              share: Math.round(100 * share),
              form: WAX_FORM_NAMES[form].toLowerCase(),
            })}
            {', '}
            {VERDICTS[verdict]}.
          </li>
        ))}
        {expected && (
          <li>
            {waxWords.expected({
              day: today.slice(0, 4),
              low: mass(expected.range[0]),
              high: mass(expected.range[1]),
              found: mass(expected.foundKg),
            })}
          </li>
        )}
        {sheets > 0 && <li>{waxWords.sheets({ sheets, format: format.name })}</li>}
      </ul>
    </SheetSection>
  );
}
