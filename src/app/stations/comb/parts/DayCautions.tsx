import type { ReactElement } from 'react';
import { BEETLE_SIGHTS, extractWithinHours } from '../../../../core';
import type { HarvestDay } from '../../../../model';
import { SheetSection } from '../../../ui/page/SheetSection';
import { combWords } from '../../../words/english/comb';

const [, ADULTS, LARVAE] = BEETLE_SIGHTS;

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
    combWords.aFullBoxCanWeigh(),
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
