import { ChevronRight } from 'lucide-react';
import { sharedWords } from '../../../words/english/shared';
import { lotTexts } from '../../../format/lotTexts';
import { LongList } from '../../../ui/page/LongList';
import { type ReactElement } from 'react';
import { Link } from 'react-router';
import { honeyDoneMin } from '../../../../core';
import type { ExtractionFile, LotFile } from '../../../../model';
import type { SettlingRecord } from '../../../../records';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { clockText } from '../../../format/clock';
import { formatDay } from '../../../format/dates';
import { clearingWords } from '../../../words/clearingWords';
import { askedDay } from '../dayQuestion';
import { commonWords } from '../../../words/english/common';
import { lineWords } from '../../../words/english/line';

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

/** A day: when, what, and how far it is. */
export function DayRow({ file, nowMs, days }: DayRowProps): ReactElement {
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

interface SettlingRowProps {
  file: LotFile;
  settling: SettlingRecord;
  nowMs: number;
}

/** A vessel that stands to clear. */
export function SettlingRow({ file, settling, nowMs }: SettlingRowProps): ReactElement {
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
export function LotRows({ files }: { files: readonly LotFile[] }): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  if (files.length === 0) return null;
  return (
    <section aria-labelledby="lots" className="mt-8">
      <h2 id="lots" className="text-2xl font-bold">
        {lineWords.honeyByLot()}
      </h2>
      <LongList items={files} find={sharedWords.findALot()} textsOf={lotTexts}>
        {(shown) => (
          <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
            {shown.map(({ lot }) => (
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
        )}
      </LongList>
    </section>
  );
}
