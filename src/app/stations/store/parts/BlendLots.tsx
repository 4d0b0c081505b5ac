import type { ReactElement } from 'react';
import { LongLots } from '../../../lot/LongLots';
import type { StoredLot } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { RuleStrip } from '../../../ui/charts/RuleStrip';
import { SheetSection } from '../../../ui/page/SheetSection';
import { answerFigure } from '../../../words/phrasing';
import { blendWords } from '../../../words/english/blend';

/** Honey that may be poured, lot under lot on the moisture rule: what is too wet and what could dry it. */
export function BlendLots({ lots }: { lots: readonly StoredLot[] }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  if (lots.length === 0) return null;
  const wettestFirst = [...lots].sort((a, b) => b.ruling.belief.mean - a.ruling.belief.mean);
  return (
    <SheetSection id="blend-lots" title={blendWords.whatThereIs()}>
      <LongLots lots={wettestFirst}>
        {(shown) => (
          <ul className="divide-y divide-thread">
            {shown.map(({ file, ruling, vessels, readingsPercent }) => {
              const leftKg = vessels.reduce((sum, vessel) => sum + (vessel.leftKg ?? 0), 0);
              return (
                <li
                  key={file.lot.entityId}
                  className="grid grid-cols-[minmax(0,1fr)_7rem] items-center gap-x-4 py-1 sm:grid-cols-[minmax(0,11rem)_minmax(0,1fr)_7rem]"
                >
                  <span className="text-base leading-tight">
                    <strong className="block">
                      {file.lot.content.name || file.lot.content.code}
                    </strong>
                    {formatQuantity(leftKg, 'mass', preferences)}
                  </span>
                  <span className="order-last col-span-2 sm:order-none sm:col-span-1">
                    <RuleStrip
                      limitPercent={ruling.limitPercent}
                      belief={ruling.belief}
                      readings={readingsPercent}
                    />
                  </span>
                  <strong className="text-right text-lg">{answerFigure(ruling)} %</strong>
                </li>
              );
            })}
          </ul>
        )}
      </LongLots>
    </SheetSection>
  );
}
