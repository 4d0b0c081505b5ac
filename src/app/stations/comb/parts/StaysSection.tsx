import type { ReactElement } from 'react';
import { TYPICAL_MOISTURE_PERCENT, sugarInsteadKg } from '../../../../core';
import { isClosing, leavingOf, type HarvestDay, type Leaving } from '../../../../model';
import { useCurrent } from '../../../data/useWorkspaceModel';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { combWords } from '../../../words/english/comb';
import { commonWords } from '../../../words/english/common';
import { visitWords } from '../../../words/english/visit';
import { inUnits } from '../../../words/keepersUnits';
import { LeavingSteps } from './LeavingSteps';

/** A hive that lost less than this between two looks lost nothing that an eye can tell [kg]. */
const WORTH_A_WORD_KG = 1;

const say = (kg: number): string => inUnits(kg, 'mass');

function verdictWords({ leftKg, targetKg }: Leaving): string {
  if (targetKg === null) return combWords.noTargetSet();
  return leftKg >= targetKg
    ? combWords.enoughForYour({ target: say(targetKg) })
    : combWords.shortOfYour({ target: say(targetKg - leftKg), target2: say(targetKg) });
}

/** What leaving saves in feed, at the keeper's own price where there is one. */
function savedWords(leaving: readonly Leaving[], pricePerKg: number | null): string {
  const leftKg = leaving.reduce((sum, hive) => sum + hive.leftKg, 0);
  if (leftKg === 0) return '';
  const sugarKg = sugarInsteadKg(leftKg, TYPICAL_MOISTURE_PERCENT);
  const sugar = say(sugarKg);
  return pricePerKg === null
    ? visitWords.leavingSaves({ sugar })
    : visitWords.leavingSavesMoney({ sugar, money: (sugarKg * pricePerKg).toFixed(2) });
}

/** What is left to each colony against the keeper's own target, and what is done with it. */
export function StaysSection({ day }: { day: HarvestDay }): ReactElement | null {
  const plan = useCurrent('season-plan').at(-1)?.content;
  const closing = isClosing(plan?.boxesOffBy ?? null, day.harvest.content.day);
  const done = useCurrent('leaving-act').filter(({ ownerId }) => ownerId === day.harvest.entityId);
  const leaving = leavingOf(day, closing);
  if (leaving.length === 0) return null;
  const hiveNamed = (id: string): string => leaving.find((hive) => hive.id === id)?.name ?? '';
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
        rows={leaving.map((hive) => [
          hive.name,
          String(hive.frames),
          say(hive.leftKg),
          verdictWords(hive),
        ])}
      />
      {leaving.some(({ steps }) => steps.length > 0) && (
        <h3 className="mt-3 text-lg font-bold">{visitWords.whatToDoWithIt()}</h3>
      )}
      {leaving.map((hive) => {
        const { id, name, steps, lostKg } = hive;
        return steps.length === 0 && lostKg < WORTH_A_WORD_KG ? null : (
          <div key={id} className="mt-2 text-base">
            <h4 className="font-bold">{name}</h4>
            <LeavingSteps
              hive={hive}
              harvestId={day.harvest.entityId}
              hiveNamed={hiveNamed}
              done={done}
            />
            {lostKg >= WORTH_A_WORD_KG && <p>{visitWords.carriedDown({ kg: say(lostKg) })}</p>}
          </div>
        );
      })}
      <p className="mt-2 text-base">
        {savedWords(leaving, plan?.sugarPricePerKg ?? null)} {combWords.onlyFramesJudgedTodayAre()}
      </p>
    </SheetSection>
  );
}
