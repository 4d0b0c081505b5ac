import type { ReactElement } from 'react';
import type { Blend } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { PageLink } from '../../../ui/page/PageLink';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { TankToPour } from '../usePouringController';
import { PourLine } from './PourLine';
import { storeWords } from '../../../words/english/store';

interface TankListProps {
  blend: Blend;
  tank: TankToPour;
  onMake: (next: 'lot' | 'plan') => void;
}

/** What was spilled, and what the tank comes to without it. */
function Spilled({ tank: { spiltKg, comesTo } }: { tank: TankToPour }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  if (spiltKg <= 0 || !comesTo) return null;
  return (
    <p role="note" className="mb-3 border-l-8 border-ink pl-3 text-lg font-bold">
      {storeWords.spilledTheTankComesTo({
        spiltKg: formatQuantity(spiltKg, 'mass', preferences),
        meanPercent: comesTo.mean.toFixed(1),
      })}
    </p>
  );
}

/** A tank: what is poured into it, pour by pour, and its lot once all is in. */
export function TankList({ blend, tank, onMake }: TankListProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { at, pours, pouredKg, plannedKg, left } = tank;
  const { label, expected, lotId } = tank.tank;
  return (
    <SheetSection id={`tank-${at}`} title={label}>
      <p className="text-lg">
        <strong className="text-3xl">{formatQuantity(pouredKg, 'mass', preferences)}</strong>{' '}
        {storeWords.ofPouredExpectedWater({
          pours: formatQuantity(plannedKg, 'mass', preferences),
          meanPercent: expected.meanPercent.toFixed(1),
          standardPercent: (2 * expected.standardPercent).toFixed(1),
        })}
      </p>
      <ul className="divide-y divide-thread">
        {pours.map((pour) => (
          <PourLine key={pour.pour} blend={blend} tank={at} pour={pour} />
        ))}
      </ul>
      {lotId !== null ? (
        <PageLink to={`lots/${lotId}`}>{storeWords.itsLot()}</PageLink>
      ) : (
        <div className="mt-3">
          <Spilled tank={tank} />
          <Button
            tone="lavender"
            className="min-h-14"
            onClick={() => onMake('lot')}
            disabled={left > 0 || pouredKg <= 0}
          >
            {storeWords.recordThisTankAsA()}
          </Button>
          {left > 0 && pouredKg > 0 && (
            <Button tone="quiet" onClick={() => onMake('plan')}>
              {storeWords.stopHereAndPlanAnew()}
            </Button>
          )}
          {left > 0 && (
            <p className="mt-1 text-base">{storeWords.poursToGoThenStir({ pours: left })}</p>
          )}
        </div>
      )}
    </SheetSection>
  );
}
