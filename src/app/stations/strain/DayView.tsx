import clsx from 'clsx';
import type { ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { Columns } from '../../ui/page/Columns';
import { SheetSection } from '../../ui/page/SheetSection';
import { DayAnswer } from './parts/DayAnswer';
import { DayHeader } from './parts/DayHeader';
import { DaySheet } from './parts/DaySheet';
import { DayMind, HelpSection } from './parts/HelpSection';
import { PailsSection } from './parts/PailsSection';
import { PourSection } from './parts/PourSection';
import { TickPanel } from './parts/TickPanel';
import { Timeline } from './parts/Timeline';
import type { useDayController } from './useDayController';
import { lineWords } from '../../words/english/line';

/** One day at the line: when it is done, what to tick off, its course, and what would help. */
export function DayView(props: ReturnType<typeof useDayController>): ReactElement {
  const { file, house, asked, forecast, isRunning, isOver, nowMin } = props;
  const { content } = file.extraction;
  return (
    <>
      <DayHeader file={file} at="" />
      <Columns>
        <DayAnswer asked={asked} forecast={forecast} />
        <div className={clsx('space-y-5', isRunning && 'order-first wide:order-none')}>
          <TickPanel file={file} asked={asked} />
          <Button onClick={props.change}>{lineWords.changeThePlan()}</Button>
        </div>
      </Columns>
      <div className="mt-8">
        <SheetSection id="timeline" title={isRunning ? lineWords.fromNowOn() : lineWords.thePlan()}>
          <Timeline course={asked.plan.course} content={content} nowMin={nowMin} />
        </SheetSection>
      </div>
      <Columns className="mt-8">
        <div className="space-y-8">
          {!isOver && <PourSection file={file} asked={asked} />}
          <PailsSection file={file} asked={asked} />
        </div>
        <div className="space-y-8">
          <HelpSection forecast={forecast} isOver={isOver} />
          <DayMind content={content} />
        </div>
      </Columns>
      <DaySheet
        open={props.changing}
        record={file.extraction}
        house={house}
        onClose={props.close}
      />
    </>
  );
}
