import { type ReactElement } from 'react';
import { CONFORMS_FROM, guardOf } from '../../../../core';
import { type KeepingBasis } from '../../../../model/store/keeping';
import { SheetSection } from '../../../ui/page/SheetSection';
import { storeWords } from '../../../words/english/store';

/** What the outlook rests on, and what would make it surer. */
export function KeepBasis({ basis }: { basis: KeepingBasis }): ReactElement {
  return (
    <SheetSection id="rests" title={storeWords.whatThisRestsOn()}>
      <ul className="list-disc space-y-1 pl-5 text-lg">
        <li>
          {storeWords.waterJudgedByItsUpper({
            mean: basis.moisture.mean.toFixed(1),
            mean2: (basis.moisture.mean + guardOf(basis.moisture, CONFORMS_FROM)).toFixed(1),
          })}
        </li>
        <li>
          {storeWords.glucoseSetsWhiteRecalledFrom({
            glucosePercent: basis.glucosePercent.toFixed(0),
            part: basis.glucoseMeasured
              ? storeWords.fromTheLaboratory()
              : storeWords.asIsUsualALaboratory(),
            value: {
              slow: storeWords.slowly(),
              medium: storeWords.atAMiddlingPace(),
              fast: storeWords.fast(),
            }[basis.tendency],
          })}
        </li>
        <li>
          {basis.yeastPerG === null
            ? storeWords.yeastNotCountedTheWorst()
            : storeWords.yeastCellsPerGramCounted({ yeastPerG: basis.yeastPerG })}
        </li>
        <li>{storeWords.classesByLochheadTemperaturesBy()}</li>
        <li>{storeWords.warmthIsNoProtectionAbove()}</li>
      </ul>
    </SheetSection>
  );
}
