import clsx from 'clsx';
import { useMemo, useState, type ReactElement } from 'react';
import { clockMin, type ExtractionFile, type HoneyHouse } from '../../../model';
import { useNow } from '../../data/useNow';
import { Button } from '../../ui/Button';
import { SheetSection } from '../../ui/page/SheetSection';
import { DayAnswer } from './parts/DayAnswer';
import { DayGate } from './parts/DayGate';
import { DayHeader } from './parts/DayHeader';
import { DaySheet } from './parts/DaySheet';
import { DayMind, HelpSection } from './parts/HelpSection';
import { PailsSection } from './parts/PailsSection';
import { PourSection } from './parts/PourSection';
import { TickPanel } from './parts/TickPanel';
import { Timeline } from './parts/Timeline';
import { askedDay } from './dayQuestion';
import { useDayForecast } from './useDayForecast';
import { lineWords } from '../../words/english/line';

const MINUTE_MS = 60_000;

function DayView({ file, house }: { file: ExtractionFile; house: HoneyHouse }): ReactElement {
  const nowMs = useNow(MINUTE_MS);
  const [changing, setChanging] = useState(false);
  const { content } = file.extraction;
  const isRunning = content.startedAt !== null && content.doneAt === null;
  const minute = isRunning ? Math.floor(nowMs / MINUTE_MS) * MINUTE_MS : 0;
  const asked = useMemo(() => askedDay(file, minute, house.days), [file, minute, house.days]);
  const forecast = useDayForecast(asked.question);
  return (
    <>
      <DayHeader file={file} at="" />
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 wide:grid-cols-2">
        <DayAnswer asked={asked} forecast={forecast} />
        <div className={clsx('space-y-5', isRunning && 'order-first wide:order-none')}>
          <TickPanel file={file} asked={asked} />
          <Button onClick={() => setChanging(true)}>{lineWords.changeThePlan()}</Button>
        </div>
      </div>
      <div className="mt-8">
        <SheetSection id="timeline" title={isRunning ? lineWords.fromNowOn() : lineWords.thePlan()}>
          <Timeline
            course={asked.plan.course}
            content={content}
            nowMin={isRunning ? clockMin(content.day, minute) : null}
          />
        </SheetSection>
      </div>
      <div className="mt-8 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
        <div className="space-y-8">
          {content.doneAt === null && <PourSection file={file} asked={asked} />}
          <PailsSection file={file} asked={asked} />
        </div>
        <div className="space-y-8">
          <HelpSection forecast={forecast} isOver={content.doneAt !== null} />
          <DayMind content={content} />
        </div>
      </div>
      <DaySheet
        open={changing}
        record={file.extraction}
        house={house}
        onClose={() => setChanging(false)}
      />
    </>
  );
}

/** One day at the extraction line: when it is done, who does what, and what would help. */
export function DayScreen(): ReactElement {
  return <DayGate View={DayView} />;
}
