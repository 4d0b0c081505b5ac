import { removeSurvey } from '../combActs';
import type { ReactElement } from 'react';
import {
  framesOfSurvey,
  glanceOfSurvey,
  heldBoxes,
  surveyPartsOfDay,
  typedBoxes,
  verdictOfSurvey,
  type HarvestDay,
} from '../../../../model';
import { type Survey } from '../../../../records';
import { useAppDispatch } from '../../../../store';
import { boxName } from '../../../forms/hives/surveyForm';
import { Button } from '../../../ui/Button';
import { SheetSection } from '../../../ui/page/SheetSection';
import { ACT_NAMES, percentRange } from '../words';
import { combWords } from '../../../words/english/comb';
import { commonWords } from '../../../words/english/common';
import { tell } from '../../../words/tell';

function SurveyRow({ survey, day }: { survey: Survey; day: HarvestDay }): ReactElement {
  const dispatch = useAppDispatch();
  const { content } = survey;
  const held = heldBoxes(surveyPartsOfDay(survey, day));
  const verdict = verdictOfSurvey(content, day.judging.school.id, day.book);
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-6 py-2">
      <div className="grow basis-64">
        <p className="text-lg leading-tight font-bold">
          {content.label}: {ACT_NAMES[content.act].toLowerCase()}
        </p>
        <p className="text-base text-ink-soft">
          {combWords.framesInBoxes({
            framesOfStroke: framesOfSurvey(content),
            boxes: content.boxes,
            part: verdict
              ? combWords.cappedAfterCloseLooksAt({
                  share: Math.round(verdict.share * 100),
                  percentRange: percentRange(verdict.interval),
                  looks: content.looks.length,
                  shortAtMost: verdict.shortAtMost,
                })
              : combWords.tenthsCappedByEye({
                  cappedTenths: content.cappedTenths,
                  percentRange: percentRange(glanceOfSurvey(content)),
                }),
          })}
        </p>
        {survey.author !== '' && (
          <p className="text-base text-ink-soft">
            {combWords.judgedBy({ author: survey.author })}{' '}
            {content.eye && combWords.correctedForTheEye()}
          </p>
        )}
        {held.length > 0 && (
          <p className="text-base font-semibold">
            {combWords.leftOnTheHive({
              held: held.map(({ box }) => boxName(day.book, box)).join(', '),
            })}
            {held[0]?.because && tell(held[0].because)})
          </p>
        )}
        {typedBoxes(content) > 0 && (
          <p className="text-base">
            {combWords.boxesNotInYourRecords({ typedBoxes: typedBoxes(content) })}
          </p>
        )}
      </div>
      <Button onClick={() => void dispatch(removeSurvey(survey))}>{commonWords.remove()}</Button>
    </li>
  );
}

/** Yards, hives and stacks that were judged as a whole. */
export function SurveysSection({ day }: { day: HarvestDay }): ReactElement | null {
  if (day.file.surveys.length === 0) return null;
  return (
    <SheetSection id="strokes" title={combWords.judgedAsAWhole()}>
      <ul className="divide-y divide-thread border-y border-ink">
        {day.file.surveys.map((survey) => (
          <SurveyRow key={survey.entityId} survey={survey} day={day} />
        ))}
      </ul>
    </SheetSection>
  );
}
