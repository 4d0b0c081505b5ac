import type { ReactElement } from 'react';
import { colonyOf, keepTargetsKg, type HarvestDay, leftForColony } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';

/** What is left to each colony against the keeper's own target. */
export function StaysSection({ day }: { day: HarvestDay }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const targets = keepTargetsKg(day.book);
  const ids = [...new Set(day.judged.map((one) => one.evidence.colonyId))].filter(
    (id) => id !== null,
  );
  if (ids.length === 0) return null;
  const say = (kg: number): string => formatQuantity(kg, 'mass', preferences);
  const rows = ids.map((id) => {
    const { frames, kg } = leftForColony(day, id);
    const target = targets.get(id);
    const verdict =
      target === undefined
        ? 'no target of yours'
        : kg >= target
          ? `enough for your ${say(target)}`
          : `${say(target - kg)} short of your ${say(target)}`;
    return [colonyOf(day.book, id)?.content.name ?? '', String(frames), say(kg), verdict];
  });
  return (
    <SheetSection id="stays" title="Left for the colonies">
      <PlainTable
        label="Honey left, by hive"
        head={['Hive', 'Frames', 'Honey', 'Against your target']}
        rows={rows}
      />
      <p className="mt-2 text-base">
        Only frames judged today are counted. What a colony needs depends on place and winter; the
        target is yours.
      </p>
    </SheetSection>
  );
}
