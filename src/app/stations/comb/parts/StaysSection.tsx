import type { ReactElement } from 'react';
import { colonyOf, keepTargetsKg, type HarvestDay, leftForColony } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { combWords } from '../../../words/english/comb';
import { commonWords } from '../../../words/english/common';

/** What is left to each colony against the keeper's own target. */
export function StaysSection({ day }: { day: HarvestDay }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const targets = keepTargetsKg(day.book);
  const ids = [
    ...new Set(day.judged.map((keptJudgedFrame) => keptJudgedFrame.evidence.colonyId)),
  ].filter((id) => id !== null);
  if (ids.length === 0) return null;
  const say = (kg: number): string => formatQuantity(kg, 'mass', preferences);
  const rows = ids.map((id) => {
    const { frames, kg } = leftForColony(day, id);
    const target = targets.get(id);
    const verdict =
      target === undefined
        ? combWords.noTargetSet()
        : kg >= target
          ? combWords.enoughForYour({ target: say(target) })
          : combWords.shortOfYour({ target: say(target - kg), target2: say(target) });
    return [colonyOf(day.book, id)?.content.name ?? '', String(frames), say(kg), verdict];
  });
  return (
    <SheetSection id="stays" title={combWords.leftForTheColonies()}>
      <PlainTable
        label={combWords.honeyLeftByHive()}
        head={[
          commonWords.hive(),
          commonWords.framesHeading(),
          commonWords.honey(),
          combWords.againstYourTarget(),
        ]}
        rows={rows}
      />
      <p className="mt-2 text-base">{combWords.onlyFramesJudgedTodayAre()}</p>
    </SheetSection>
  );
}
