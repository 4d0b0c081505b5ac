import { ChevronRight } from 'lucide-react';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { TAKING_ACTS } from '../../../../core';
import type { Book, Box } from '../../../../records';
import { selectWorkspace, useAppSelector } from '../../../../store';
import type { HarvestDay } from '../../../data/useHarvest';
import { PageLink } from '../../../ui/PageLink';
import { SheetSection } from '../../../ui/SheetSection';
import { FrameMark } from './FrameMark';

/** A box in the list, with the frames judged so far. */
function BoxRow({ day, box }: { day: HarvestDay; box: Box }): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const judged = day.judged
    .filter((one) => one.check.boxId === box.entityId)
    .sort((a, b) => a.check.slot - b.check.slot);
  const taken = judged.filter((one) => TAKING_ACTS.includes(one.act)).length;
  const words =
    judged.length === 0
      ? 'not judged'
      : `${judged.length} of ${box.content.slots} judged, ${taken} to take`;
  return (
    <li>
      <Link
        to={`/${workspace}/comb/${day.harvest.entityId}/box/${box.entityId}`}
        className="flex min-h-16 flex-wrap items-center gap-x-4 gap-y-1 py-1 hover:bg-lavender-pale"
      >
        <span className="w-40 shrink-0 grow">
          <span className="block text-lg leading-tight font-bold">{box.content.label}</span>
          <span className="block text-base text-ink-soft">{words}</span>
        </span>
        <span className="flex gap-1">
          {judged.map((one) => (
            <FrameMark
              key={one.frameId}
              check={one.check}
              act={one.act}
              begun={false}
              className="w-7"
            />
          ))}
        </span>
        <ChevronRight aria-hidden className="size-6 shrink-0" />
      </Link>
    </li>
  );
}

/** Boxes by hive, hives by yard; totes are not judged. */
function groups(book: Book): { title: string; boxes: Box[] }[] {
  const onHives = book.yards.flatMap((yard) =>
    book.colonies
      .filter((one) => one.content.yardId === yard.entityId)
      .map((colony) => ({
        title: `${colony.content.name}, ${yard.content.name}`,
        boxes: book.boxes.filter((one) => one.content.colonyId === colony.entityId),
      })),
  );
  const loose = book.boxes.filter(
    (one) => one.content.colonyId === null && one.content.boxKind === 'box',
  );
  return [...onHives, { title: 'On no hive', boxes: loose }].filter((one) => one.boxes.length > 0);
}

/** Hives of the day with their boxes; those with something judged come first. */
export function BoxesSection({ day }: { day: HarvestDay }): ReactElement {
  const begun = new Set(day.judged.map((one) => one.check.boxId));
  const isBegun = (boxes: readonly Box[]): boolean => boxes.some((one) => begun.has(one.entityId));
  const all = groups(day.book);
  const ordered = [
    ...all.filter((one) => isBegun(one.boxes)),
    ...all.filter((one) => !isBegun(one.boxes)),
  ];
  return (
    <SheetSection
      id="boxes"
      title="Boxes"
      aside={<PageLink to={`comb/${day.harvest.entityId}/stroke`}>Judge at one stroke</PageLink>}
    >
      {ordered.length === 0 && (
        <p className="text-lg">
          No boxes yet. Name yards, hives and boxes under Season, or judge at one stroke.
        </p>
      )}
      <div className="grid gap-x-10 gap-y-4 xl:grid-cols-2">
        {ordered.map(({ title, boxes }) => (
          <div key={title}>
            <h3 className="text-base font-semibold">{title}</h3>
            <ul className="divide-y divide-thread border-y border-ink">
              {boxes.map((one) => (
                <BoxRow key={one.entityId} day={day} box={one} />
              ))}
            </ul>
          </div>
        ))}
      </div>
    </SheetSection>
  );
}
