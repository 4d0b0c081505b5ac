import type { ReactElement } from 'react';
import { COMB_STATES } from '../../../../core';
import { formatQuantity } from '../../../format/units';
import { INPUT } from '../../../ui/classes';
import { SheetSection } from '../../../ui/page/SheetSection';
import { waxWords } from '../../../words/english/wax';
import { COMB_STATE_NAMES } from '../../../words/waxNames';
import type { useWaxController } from '../useWaxController';
import { CountField } from './CountField';

/** Frames by their comb, and what they need before the next season. */
export function CombsCounted(props: ReturnType<typeof useWaxController>): ReactElement {
  const { plan, hasCounts, countOf, keepCount, formats, format, setFormatId, preferences } = props;
  const mass = (kg: number): string => formatQuantity(kg, 'mass', preferences);
  return (
    <SheetSection id="combs" title={waxWords.combs()}>
      <p className="text-lg">
        {hasCounts ? (
          <strong>{waxWords.ready({ ready: plan.ready })}</strong>
        ) : (
          waxWords.countThem()
        )}
      </p>
      {hasCounts && plan.sheets > 0 && (
        <p className="text-lg">{waxWords.sheetsDue({ sheets: plan.sheets })}</p>
      )}
      {plan.honeyKg[1] > 0 && (
        <p className="text-lg">
          {waxWords.building({ low: mass(plan.honeyKg[0]), high: mass(plan.honeyKg[1]) })}{' '}
          <span className="text-base text-ink-soft">{waxWords.buildingSource()}</span>
        </p>
      )}
      <div className="mt-3 grid grid-cols-2 gap-4 sm:grid-cols-4">
        {COMB_STATES.map((state) => (
          <CountField
            key={state}
            item={state}
            label={COMB_STATE_NAMES[state]}
            of=""
            have={countOf(state)}
            onKeep={(have, options) => keepCount(state, have, options)}
          />
        ))}
      </div>
      <label className="mt-3 block max-w-xs text-base font-semibold">
        {waxWords.formatOf()}
        <select
          className={INPUT}
          value={format.id}
          onChange={(event) => setFormatId(event.target.value)}
        >
          {formats.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <p className="mt-3 text-base">
        {waxWords.storeLook()} {waxWords.oldFirst()}
      </p>
    </SheetSection>
  );
}
