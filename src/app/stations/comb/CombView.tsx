import { PageHead } from '../../ui/page/PageHead';
import { LongList } from '../../ui/page/LongList';
import type { useCombController } from './useCombController';
import { ChevronRight, Plus } from 'lucide-react';
import { type ReactElement } from 'react';
import { Link } from 'react-router';
import { schoolOf } from '../../../core';
import { boxOf, colonyOf, flowOf, harvestOf, type Book } from '../../../model';
import { type Harvest } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { formatDay } from '../../format/dates';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/page/PageLink';
import { HarvestSheet } from './parts/HarvestSheet';
import { useCombPlace } from '../../data/useCombPlace';
import { combWords } from '../../words/english/comb';
import { commonWords } from '../../words/english/common';

/** The frame last in hand, one tap away. */
function GoOn({ book }: { book: Book }): ReactElement | null {
  const [combPlace] = useCombPlace();
  const harvest = harvestOf(book, combPlace?.harvestId ?? null);
  const box = boxOf(book, combPlace?.boxId ?? null);
  if (!combPlace || !harvest || !box) return null;
  const colony = colonyOf(book, box.content.colonyId);
  const where = [
    colony?.content.name,
    box.content.label,
    commonWords.frame({ slot: combPlace.slot }),
  ];
  return (
    <section aria-labelledby="go-on" className="mt-4 border-l-8 border-lavender pl-4">
      <h2 id="go-on" className="text-xl font-bold">
        {combWords.youWereAt({ where: where.filter((text) => text !== undefined).join(', ') })}
      </h2>
      <p className="mt-2">
        <PageLink tone="ink" to={`comb/${harvest.entityId}/box/${box.entityId}`}>
          {combWords.carryOnThere()}
        </PageLink>
      </p>
    </section>
  );
}

function DayRow({ harvest, book }: { harvest: Harvest; book: Book }): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { content } = harvest;
  const flow = flowOf(book, content.flowId)?.content.name;
  const facts = [flow, schoolOf(content.schoolId, book.schools).name];
  return (
    <li>
      <Link
        to={`/${workspace}/comb/${harvest.entityId}`}
        className="flex min-h-16 items-center gap-4 py-2 hover:bg-lavender-pale"
      >
        <span className="w-32 shrink-0 text-lg">{formatDay(content.day)}</span>
        <span className="grow">
          <span className="block text-xl leading-tight font-bold">{content.name}</span>
          <span className="block text-base text-ink-soft">
            {facts.filter((fact) => fact !== undefined).join(' · ')}
          </span>
        </span>
        <ChevronRight aria-hidden className="size-6 shrink-0" />
      </Link>
    </li>
  );
}

/** Days at the hives: go on with one, or start one. */
export function CombView(props: ReturnType<typeof useCombController>): ReactElement {
  const { workspace, book, starting, start, setStarting, open } = props;
  return (
    <>
      <PageHead title={commonWords.comb()} />
      <GoOn book={book} />
      <div className="mt-4 flex flex-wrap gap-3">
        <Button tone="ink" className="min-h-14 text-lg" onClick={start}>
          <Plus aria-hidden className="size-6" /> {combWords.startADayAtThe()}
        </Button>
        <PageLink to="comb/few">{combWords.justAFewFramesAnd()}</PageLink>
      </div>
      {book.boxes.length === 0 && (
        <p className="mt-6 max-w-2xl text-lg">
          {combWords.toKeepRecordsByHive()}{' '}
          <Link to={`/${workspace}/season`} className="font-semibold text-lavender underline">
            {commonWords.season()}
          </Link>{' '}
          {combWords.firstAFewFramesNeed()}
        </p>
      )}
      {book.harvests.length > 0 && (
        <section aria-labelledby="days" className="mt-8">
          <h2 id="days" className="text-2xl font-bold">
            {combWords.days()}
          </h2>
          <LongList
            items={book.harvests}
            find={combWords.findADay()}
            textsOf={({ content }) => [content.name, content.day]}
          >
            {(shown) => (
              <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
                {shown.map((harvest) => (
                  <DayRow key={harvest.entityId} harvest={harvest} book={book} />
                ))}
              </ul>
            )}
          </LongList>
        </section>
      )}
      <HarvestSheet
        book={book}
        harvest={null}
        open={starting}
        onOpenChange={setStarting}
        onKept={open}
      />
    </>
  );
}
