import { ChevronRight } from 'lucide-react';
import { useMemo, useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { TAKING_ACTS } from '../../../../core';
import { yardOf, type Book, type KeptJudgedFrame, type HarvestDay } from '../../../../model';
import { type Box, type Colony } from '../../../../records';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { INPUT } from '../../../ui/classes';
import { PageLink } from '../../../ui/page/PageLink';
import { SheetSection } from '../../../ui/page/SheetSection';
import { FrameMark } from './frame/FrameMark';
import { combWords } from '../../../words/english/comb';
import { commonWords } from '../../../words/english/common';

interface BoxRowProps {
  day: HarvestDay;
  box: Box;
  judged: readonly KeptJudgedFrame[];
}

/** A box in the list, with the frames judged so far. */
function BoxRow({ day, box, judged }: BoxRowProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const taken = judged.filter((keptJudgedFrame) =>
    TAKING_ACTS.includes(keptJudgedFrame.act),
  ).length;
  const words =
    judged.length === 0
      ? combWords.notJudged()
      : combWords.ofJudgedToTake({ judged: judged.length, slots: box.content.slots, taken });
  return (
    <li>
      <Link
        to={`/${workspace}/comb/${day.harvest.entityId}/box/${box.entityId}`}
        className="flex min-h-16 flex-wrap items-center gap-x-4 gap-y-1 py-1 hover:bg-lavender-pale"
      >
        <span className="grow">
          <span className="block text-lg leading-tight font-bold">{box.content.label}</span>
          <span className="block text-base text-ink-soft">{words}</span>
        </span>
        <ChevronRight aria-hidden className="size-6 shrink-0" />
        {judged.length > 0 && (
          <span className="flex basis-full flex-wrap gap-1">
            {judged.map((keptJudgedFrame) => (
              <FrameMark
                key={keptJudgedFrame.frameId}
                check={keptJudgedFrame.check}
                act={keptJudgedFrame.act}
                begun={false}
                className="w-7"
              />
            ))}
          </span>
        )}
      </Link>
    </li>
  );
}

interface HiveGroup {
  readonly title: string;
  readonly boxes: readonly Box[];
}

/** Boxes by hive, hives by yard; totes are not judged. */
function groups(book: Book): HiveGroup[] {
  const byHive = new Map<string, Box[]>();
  for (const box of book.boxes) {
    if (box.content.boxKind === 'tote') continue;
    const key = box.content.colonyId ?? '';
    const known = byHive.get(key);
    if (known) known.push(box);
    else byHive.set(key, [box]);
  }
  const yardName = (colony: Colony): string =>
    yardOf(book, colony.content.yardId)?.content.name ?? '';
  const byYard = [...book.colonies].sort((a, b) => yardName(a).localeCompare(yardName(b)));
  const onHives = byYard.map((colony) => ({
    title: [colony.content.name, yardName(colony)].filter((text) => text !== '').join(', '),
    boxes: byHive.get(colony.entityId) ?? [],
  }));
  const loose = { title: combWords.onNoHive(), boxes: byHive.get('') ?? [] };
  return [...onHives, loose].filter((hive) => hive.boxes.length > 0);
}

/** Frames judged today by their box, in hanging order. */
function judgedByBox({ judged }: HarvestDay): ReadonlyMap<string, KeptJudgedFrame[]> {
  const boxes = new Map<string, KeptJudgedFrame[]>();
  for (const keptJudgedFrame of [...judged].sort((a, b) => a.check.slot - b.check.slot)) {
    const known = boxes.get(keptJudgedFrame.check.boxId);
    if (known) known.push(keptJudgedFrame);
    else boxes.set(keptJudgedFrame.check.boxId, [keptJudgedFrame]);
  }
  return boxes;
}

/** Most hives shown before one has to be looked for by its name. */
const MOST_SHOWN = 24;

const NONE: readonly KeptJudgedFrame[] = [];

/** Hives of the day with their boxes; those with something judged come first. */
export function BoxesSection({ day }: { day: HarvestDay }): ReactElement {
  const [wanted, setWanted] = useState('');
  const judged = useMemo(() => judgedByBox(day), [day]);
  const ordered = useMemo(() => {
    const all = groups(day.book);
    const isBegun = ({ boxes }: HiveGroup): boolean =>
      boxes.some((box) => judged.has(box.entityId));
    return [...all.filter(isBegun), ...all.filter((hiveGroup) => !isBegun(hiveGroup))];
  }, [day.book, judged]);
  const found = ordered.filter(({ title }) =>
    title.toLowerCase().includes(wanted.trim().toLowerCase()),
  );
  const shown = found.slice(0, MOST_SHOWN);
  return (
    <SheetSection
      id="boxes"
      title={commonWords.boxes()}
      aside={
        <PageLink to={`comb/${day.harvest.entityId}/stroke`}>
          {combWords.judgeAWholeYardOr()}
        </PageLink>
      }
    >
      {ordered.length === 0 && <p className="text-lg">{combWords.noBoxesYetNameYards()}</p>}
      {ordered.length > MOST_SHOWN && (
        <label className="mb-4 block max-w-sm text-base font-semibold">
          {combWords.findAHive()}
          <input
            className={INPUT}
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
            autoComplete="off"
          />
        </label>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-4 xl:grid-cols-2">
        {shown.map(({ title, boxes }) => (
          <div key={title}>
            <h3 className="text-base font-semibold">{title}</h3>
            <ul className="divide-y divide-thread border-y border-ink">
              {boxes.map((box) => (
                <BoxRow
                  key={box.entityId}
                  day={day}
                  box={box}
                  judged={judged.get(box.entityId) ?? NONE}
                />
              ))}
            </ul>
          </div>
        ))}
      </div>
      {found.length > shown.length && (
        <p className="mt-3 text-base">
          {combWords.moreHivesSearchByName({ found: found.length - shown.length })}
        </p>
      )}
      {ordered.length > 0 && found.length === 0 && (
        <p className="text-base">{combWords.noHiveIsCalledThat()}</p>
      )}
    </SheetSection>
  );
}
