import type { ReactElement } from 'react';
import { Columns } from '../../ui/page/Columns';
import { SheetSection } from '../../ui/page/SheetSection';
import { ChoreRow } from './parts/ChoreRow';
import { DayHeader } from './parts/DayHeader';
import { SituationForm } from './parts/SituationForm';
import type { useCleanUpController } from './useCleanUpController';
import { lineWords } from '../../words/english/line';

/** What is to be done once the honey is out, with the reason for each. */
export function CleanUpView(props: ReturnType<typeof useCleanUpController>): ReactElement {
  const { file, facts, steps, left, change } = props;
  return (
    <>
      <DayHeader file={file} at="/clean-up" />
      <Columns share="main-first">
        <SheetSection
          id="steps"
          title={left === 0 ? lineWords.allIsDone() : lineWords.toDo({ open: left })}
        >
          <ul className="divide-y divide-thread">
            {steps.map(({ step, chore }) => (
              <ChoreRow key={step.task} extraction={file.extraction} step={step} chore={chore} />
            ))}
          </ul>
        </SheetSection>
        <SheetSection id="situation" title={lineWords.whatThisDependsOn()}>
          <SituationForm facts={facts} onChange={change} />
          <p className="mt-4 text-base">{lineWords.framesAndBoxesCappingsAnd()}</p>
        </SheetSection>
      </Columns>
    </>
  );
}
