import { ChevronRight } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import { honeyDoneMin } from '../../../core';
import type { ExtractionFile, LotFile } from '../../../model';
import type { SettlingRecord } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useNow } from '../../data/useNow';
import { clockText } from '../../format/clock';
import { formatDay } from '../../format/dates';
import { clearingWords } from '../../words/clearingWords';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/page/PageLink';
import { askedDay } from './dayQuestion';
import { DaySheet } from './parts/DaySheet';
import { useHoneyHouse, useLedger } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { lineWords } from '../../words/english/line';

const ROW = 'flex min-h-16 items-center gap-4 py-3 hover:bg-lavender-pale';

/** What a day is at: planned until when, under way, over. */
function stateWords(file: ExtractionFile, nowMs: number, days: readonly ExtractionFile[]): string {
  const { content } = file.extraction;
  const loads = file.ticks.filter((tick) => tick.content.what === 'load-out').length;
  if (content.doneAt !== null) return lineWords.finishedLoadsTickedOff({ loads });
  const done = clockText(honeyDoneMin(askedDay(file, nowMs, days).plan.course));
  return content.startedAt === null
    ? lineWords.plannedFromToAbout({ startMin: clockText(content.startMin), done })
    : lineWords.underWayStrainedByAbout({ done });
}

interface DayRowProps {
  file: ExtractionFile;
  nowMs: number;
  days: readonly ExtractionFile[];
}

function DayRow({ file, nowMs, days }: DayRowProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { content, entityId } = file.extraction;
  return (
    <li>
      <Link to={`/${workspace}/strain/day/${entityId}`} className={ROW}>
        <span className="w-28 shrink-0 text-base sm:w-36">{formatDay(content.day)}</span>
        <span className="grow">
          <span className="block text-2xl font-bold">{content.name}</span>
          <span className="block text-lg">
            {commonWords.frames({ frames: content.frames })}, {stateWords(file, nowMs, days)}
          </span>
        </span>
        <ChevronRight aria-hidden className="size-6 shrink-0" />
      </Link>
    </li>
  );
}

interface Standing {
  readonly file: LotFile;
  readonly settling: SettlingRecord;
}

function SettlingRow({ file, settling, nowMs }: Standing & { nowMs: number }): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { content } = file.lot;
  return (
    <li>
      <Link to={`/${workspace}/strain/settle/${file.lot.entityId}`} className={ROW}>
        <span className="grow">
          <span className="block text-xl font-bold">
            {settling.content.name}, {content.name || content.code}
          </span>
          <span className="block text-lg">{clearingWords(settling.content, nowMs)}</span>
        </span>
        <ChevronRight aria-hidden className="size-6 shrink-0" />
      </Link>
    </li>
  );
}

/** Lots whose honey can be looked after here. */
function LotRows({ files }: { files: readonly LotFile[] }): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  if (files.length === 0) return null;
  return (
    <section aria-labelledby="lots" className="mt-8">
      <h2 id="lots" className="text-2xl font-bold">
        {lineWords.honeyByLot()}
      </h2>
      <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
        {files.map(({ lot }) => (
          <li key={lot.entityId} className="flex flex-wrap items-center gap-x-4 gap-y-2 py-2">
            <span className="grow basis-48 text-lg font-semibold">
              {lot.content.name || lot.content.code}
            </span>
            {(['settle', 'heat', 'mass'] as const).map((page) => (
              <Link
                key={page}
                to={`/${workspace}/strain/${page}/${lot.entityId}`}
                className="flex min-h-11 items-center px-2 text-lg text-lavender underline decoration-2 underline-offset-4 hover:text-ink"
              >
                {
                  {
                    settle: lineWords.settling(),
                    heat: lineWords.warmth(),
                    mass: lineWords.balanceAndJars(),
                  }[page]
                }
                <span className="sr-only">
                  {' '}
                  {lineWords.ofName({ name: lot.content.name || lot.content.code })}
                </span>
              </Link>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Under way first, then what comes next, then what is over, the latest first. */
function inTurn(days: readonly ExtractionFile[]): ExtractionFile[] {
  const turn = ({ extraction }: ExtractionFile): number => {
    const { startedAt, doneAt } = extraction.content;
    if (doneAt !== null) return 2;
    return startedAt !== null ? 0 : 1;
  };
  const day = (extractionFile: ExtractionFile): string => extractionFile.extraction.content.day;
  return [...days].sort(
    (a, b) =>
      turn(a) - turn(b) ||
      (turn(a) === 2 ? day(b).localeCompare(day(a)) : day(a).localeCompare(day(b))),
  );
}

/** Days at the line, vessels that stand to clear, and what is to be ordered. */
export function StrainScreen(): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const navigate = useNavigate();
  const house = useHoneyHouse();
  const { files } = useLedger();
  const nowMs = useNow(60_000);
  const [adding, setAdding] = useState(false);
  const settling = files.flatMap((file) =>
    file.settlings
      .filter((one) => one.content.endedAt === null)
      .map((settling) => ({ file, settling })),
  );
  return (
    <>
      <header className="flex flex-wrap items-end justify-between gap-3 pt-5">
        <h1 className="text-4xl font-bold">{lineWords.strainSettle()}</h1>
        <div className="flex flex-wrap gap-3">
          <Button tone="ink" className="min-h-14" onClick={() => setAdding(true)}>
            {lineWords.planADay()}
          </Button>
          <PageLink to="strain/kit-list">{lineWords.kitToOrder()}</PageLink>
        </div>
      </header>
      {house.days.length === 0 ? (
        <p className="mt-4 max-w-3xl text-xl">{lineWords.noDayPlannedYetType()}</p>
      ) : (
        <ul
          aria-label={lineWords.daysAtTheLine()}
          className="mt-4 divide-y divide-thread border-y-2 border-ink"
        >
          {inTurn(house.days).map((day) => (
            <DayRow key={day.extraction.entityId} file={day} nowMs={nowMs} days={house.days} />
          ))}
        </ul>
      )}
      {settling.length > 0 && (
        <section aria-labelledby="standing" className="mt-8">
          <h2 id="standing" className="text-2xl font-bold">
            {lineWords.settlingStanding({ standing: settling.length })}
          </h2>
          <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
            {settling.map((one) => (
              <SettlingRow key={one.settling.entityId} {...one} nowMs={nowMs} />
            ))}
          </ul>
        </section>
      )}
      <LotRows files={files} />
      <DaySheet
        open={adding}
        record={null}
        house={house}
        onClose={() => setAdding(false)}
        onKept={(id) => void navigate(`/${workspace}/strain/day/${id}`)}
      />
    </>
  );
}
