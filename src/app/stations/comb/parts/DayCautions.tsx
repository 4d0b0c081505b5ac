import type { ReactElement } from 'react';
import { BEETLE_SIGHTS, ONE_PERSON_KG, extractWithinHours } from '../../../../core';
import { heaviestBox, type HarvestDay } from '../../../../model';
import { inUnits } from '../../../words/keepersUnits';
import { SheetSection } from '../../../ui/page/SheetSection';
import { combWords } from '../../../words/english/comb';

const [, ADULTS, LARVAE] = BEETLE_SIGHTS;

/** How the heaviest box is carried, where one was judged that one person should not lift. */
function liftWords(lift: ReturnType<typeof heaviestBox>): string {
  if (lift === null || lift.way === 'one') return combWords.aFullBoxCanWeigh();
  const { label, kg, way } = lift;
  const said = { label, kg: inUnits(kg, 'mass', 0), limit: inUnits(ONE_PERSON_KG, 'mass', 0) };
  return way === 'two' ? combWords.liftWithTwo(said) : combWords.liftByFrames(said);
}

/** Clearing, lifting, robbing, beetles: what applies to this day. */
export function DayCautions({ day }: { day: HarvestDay }): ReactElement {
  const { clearing, outdoorTemperatureC, relativeHumidity } = day.harvest.content;
  const beetles = day.judged.some((keptJudgedFrame) => keptJudgedFrame.check.beetles === ADULTS);
  const larvae = day.judged.some((keptJudgedFrame) => keptJudgedFrame.check.beetles === LARVAE);
  const hours = extractWithinHours(outdoorTemperatureC, relativeHumidity);
  const cautions = [
    beetles && combWords.beetlesWereSeenExtractWithin({ hours }),
    larvae && combWords.framesWithBeetleLarvaeAre(),
    clearing.method === 'scent' &&
      combWords.followItsLabelLeftOn({
        agent: clearing.agent === '' ? combWords.theScent() : clearing.agent,
      }),
    clearing.method === 'blower' && combWords.blowFromBehindTheHive(),
    liftWords(heaviestBox(day)),
    combWords.coverEverythingAndCloseTotes(),
    combWords.smokersAndDryGrassKeep(),
  ];
  return (
    <SheetSection id="cautions" title={combWords.takeCare()}>
      <ul className="list-disc space-y-1 pl-5 text-base">
        {cautions
          .filter((caution) => caution !== false)
          .map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
      </ul>
    </SheetSection>
  );
}
