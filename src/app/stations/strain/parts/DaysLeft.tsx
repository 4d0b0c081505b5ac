import { type ReactElement } from 'react';
import { daysLeftAt } from '../../../../core';
import { type LotHeat } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { spanText } from '../../../format/clock';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { settlingWords } from '../../../words/english/settling';

/** Temperatures for which the page says how long the honey may stay [°C]. */
const SHOWN_C = [15, 20, 25, 30, 35, 40, 45, 50] as const;

/** How long the honey may still stay at each temperature. */
export function DaysLeft({ heat }: { heat: LotHeat }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  return (
    <SheetSection id="left" title={settlingWords.howLongItMayStill()}>
      <PlainTable
        label={settlingWords.howLongTheHoneyMay()}
        head={[settlingWords.at(), settlingWords.atMostOnTheSafe()]}
        rows={SHOWN_C.map((celsius) => {
          const days = daysLeftAt(celsius, heat.balance, heat.limits);
          return [
            formatQuantity(celsius, 'temperature', preferences, 0),
            days >= 3650 ? settlingWords.tenYearsAndMore() : spanText(24 * days),
          ];
        })}
      />
    </SheetSection>
  );
}
