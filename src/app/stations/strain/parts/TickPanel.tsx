import type { ReactElement } from 'react';
import { type ExtractionFile } from '../../../../model';
import { TICKS, type Tick } from '../../../../records';
import { beginDay, endDay, resumeDay, tickOff, unbeginDay } from '../lineActs';
import { useAppDispatch } from '../../../../store';
import { useCommands } from '../../../commands/useCommands';
import { clockText } from '../../../format/clock';
import { formatDayTime, formatTime, isoToday } from '../../../format/dates';
import { TICK_NAMES } from '../../../words/strainWords';
import { Button } from '../../../ui/Button';
import { FinishedAt } from './FinishedAt';
import { loadsOfDay, type AskedDay } from '../dayQuestion';
import { lineWords } from '../../../words/english/line';

/** What comes next at the line, where the plan tells. */
function nextAt({ plan }: AskedDay, tick: Tick): number | undefined {
  const { loads, pailsAtMin, scrapesAtMin } = plan.course;
  switch (tick) {
    case 'load-out':
      return loads[0]?.outMin;
    case 'pail-full':
      return pailsAtMin[0];
    case 'scraped':
      return scrapesAtMin[0];
  }
}

function progress(file: ExtractionFile, asked: AskedDay, tick: Tick): string {
  const done = file.ticks.filter((item) => item.content.what === tick).length;
  if (tick === 'load-out')
    return lineWords.ofDoneLoadsofday({ done, loadsOfDay: loadsOfDay(asked.now) });
  if (tick === 'pail-full') return lineWords.ofDoneFull({ done, full: asked.pails.full });
  return String(done);
}

/** Buttons that are pressed at the line, one for each thing that is done; large, for sticky hands. */
export function TickPanel({
  file,
  asked,
}: {
  file: ExtractionFile;
  asked: AskedDay;
}): ReactElement {
  const dispatch = useAppDispatch();
  const { extraction } = file;
  const { content } = extraction;
  const tick = (what: Tick): void => void dispatch(tickOff(extraction, what));
  const isRunning = asked.now.phase === 'under-way';
  useCommands(
    isRunning
      ? TICKS.map((what, at) => ({
          id: lineWords.tick({ what }),
          title: TICK_NAMES[what],
          key: String(at + 1),
          run: () => tick(what),
        }))
      : [],
  );
  if (asked.now.phase === 'planned') {
    return (
      <div>
        <Button
          tone="ink"
          className="min-h-16 px-8 text-xl"
          onClick={() => void dispatch(beginDay(extraction))}
        >
          {lineWords.startTheDay()}
        </Button>
        <p className="mt-2 text-lg">{lineWords.thenTickOffEachLoad()}</p>
        {content.day <= isoToday() && <FinishedAt extraction={extraction} />}
      </div>
    );
  }
  if (asked.now.phase === 'done') {
    return (
      <div>
        <p className="flex flex-wrap items-center gap-3 text-lg">
          {lineWords.overSince()} {content.doneAt && formatDayTime(content.doneAt)}.
          <Button onClick={() => void dispatch(resumeDay(extraction))}>
            {lineWords.resumeTheDay()}
          </Button>
        </p>
        {file.ticks.length === 0 && <FinishedAt extraction={extraction} />}
      </div>
    );
  }
  return (
    <section aria-label={lineWords.tickOff()} className="space-y-3">
      <ul className="grid gap-3 sm:grid-cols-3">
        {TICKS.map((what) => {
          const at = nextAt(asked, what);
          return (
            <li key={what}>
              <Button
                tone={what === 'load-out' ? 'ink' : 'line'}
                className="min-h-24 w-full flex-col gap-1 text-xl"
                onClick={() => tick(what)}
              >
                {TICK_NAMES[what]}
                <span className="text-3xl font-bold">{progress(file, asked, what)}</span>
              </Button>
              <p className="mt-1 text-base">
                {at === undefined
                  ? lineWords.noneLeft()
                  : lineWords.nextAbout({ at: clockText(at) })}
              </p>
            </li>
          );
        })}
      </ul>
      {asked.now.from.state.untickedKg > asked.now.content.pail.kg && (
        <p role="status" className="text-lg font-semibold">
          {lineWords.moreHoneyWasSpunThan()}
        </p>
      )}
      <p className="flex flex-wrap items-center gap-3 text-base">
        {lineWords.begun()} {content.startedAt && formatTime(content.startedAt)}
        <Button onClick={() => void dispatch(endDay(extraction))}>
          {lineWords.theDayIsOver()}
        </Button>
        <Button onClick={() => void dispatch(unbeginDay(extraction))}>
          {lineWords.notStartedAfterAll()}
        </Button>
      </p>
    </section>
  );
}
