import type { ReactElement } from 'react';
import { colonyOf, formatOf, type Book } from '../../../../model';
import { type Box, type Colony, type Yard } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { SheetSection } from '../../../ui/page/SheetSection';
import { ManyHives } from './ManyHives';
import { BoxSheet, ColonySheet, YardSheet } from './HiveSheets';
import { EntryRow } from '../../../ui/forms/EntryRow';
import { useEditing, type Editing } from '../../../data/useEditing';
import { seasonWords } from '../../../words/english/season';

const CLIMATE_WORDS = {
  dry: seasonWords.dryAir(),
  ordinary: seasonWords.ordinaryAir(),
  damp: seasonWords.dampAir(),
  'not-said': seasonWords.airNotKnown(),
} as const;
const HEALTH_WORDS = {
  sound: '',
  unknown: seasonWords.healthNotKnown(),
  suspect: seasonWords.healthInDoubt(),
} as const;

function boxFacts({ content }: Box, book: Book): string[] {
  if (content.boxKind === 'tote') return [seasonWords.places({ slots: content.slots })];
  return [
    content.role === 'honey' ? seasonWords.honey() : seasonWords.brood(),
    formatOf(book, content.formatId).name,
    seasonWords.frames({ slots: content.slots }),
    content.excluder ? seasonWords.excluderUnderIt() : '',
    content.newComb ? seasonWords.newComb() : '',
    content.lastHoney === ''
      ? ''
      : seasonWords.lastHeld({
          lastHoney: content.lastHoney,
          part: content.cleanedSince ? seasonWords.cleaned() : seasonWords.notCleaned(),
        }),
    content.offDay === null ? '' : seasonWords.offTheHive(),
  ];
}

interface HiveProps {
  book: Book;
  colony: Colony;
  colonies: Editing<Colony>;
  boxes: Editing<Box>;
}

function Hive({ book, colony, colonies, boxes }: HiveProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { keep, health } = colony.content;
  const target =
    keep === null
      ? ''
      : keep.by === 'frames'
        ? seasonWords.keepsFrames({ frames: keep.frames })
        : seasonWords.keeps({ kg: formatQuantity(keep.kg, 'mass', preferences, 0) });
  const own = book.boxes.filter((box) => box.content.colonyId === colony.entityId);
  return (
    <li className="border-l-4 border-thread pl-3">
      <EntryRow
        title={colony.content.name}
        facts={[target, HEALTH_WORDS[health]]}
        onEdit={() => colonies.edit(colony)}
      />
      <ul className="ml-4">
        {own.map((item) => (
          <li key={item.entityId}>
            <EntryRow
              title={item.content.label}
              facts={boxFacts(item, book)}
              onEdit={() => boxes.edit(item)}
            />
          </li>
        ))}
      </ul>
      <Button tone="quiet" onClick={() => boxes.add(colony.entityId)}>
        {seasonWords.addABoxTo({ name: colony.content.name })}
      </Button>
    </li>
  );
}

/** Yards, the hives in them, the boxes on those; totes apart. */
export function HivesSection({ book }: { book: Book }): ReactElement {
  const yards = useEditing<Yard>();
  const colonies = useEditing<Colony>();
  const boxes = useEditing<Box>();
  const loose = book.boxes.filter((box) => colonyOf(book, box.content.colonyId) === null);
  return (
    <SheetSection
      id="hives"
      title={seasonWords.yardsAndHives()}
      aside={
        <span className="flex flex-wrap gap-2">
          <ManyHives book={book} />
          <Button onClick={() => yards.add()}>{seasonWords.addAYard()}</Button>
        </span>
      }
    >
      {book.yards.length === 0 && <p className="text-lg">{seasonWords.nameAYardThenIts()}</p>}
      <div className="space-y-6">
        {book.yards.map((yard) => (
          <section key={yard.entityId} aria-label={yard.content.name}>
            <EntryRow
              title={yard.content.name}
              facts={[CLIMATE_WORDS[yard.content.climate], yard.content.remark]}
              onEdit={() => yards.edit(yard)}
            />
            <ul className="space-y-3">
              {book.colonies
                .filter((colony) => colony.content.yardId === yard.entityId)
                .map((colony) => (
                  <Hive
                    key={colony.entityId}
                    book={book}
                    colony={colony}
                    colonies={colonies}
                    boxes={boxes}
                  />
                ))}
            </ul>
            <Button className="mt-2" onClick={() => colonies.add(yard.entityId)}>
              {seasonWords.addAHiveTo({ name: yard.content.name })}
            </Button>
          </section>
        ))}
      </div>
      <section aria-label={seasonWords.totesAndLooseBoxes()} className="mt-6">
        <p className="text-xl font-bold">{seasonWords.totesAndLooseBoxes()}</p>
        {loose.map((item) => (
          <EntryRow
            key={item.entityId}
            title={item.content.label}
            facts={boxFacts(item, book)}
            onEdit={() => boxes.edit(item)}
          />
        ))}
        <Button onClick={() => boxes.add('')}>{seasonWords.addATote()}</Button>
      </section>
      <YardSheet editing={yards} />
      <ColonySheet editing={colonies} book={book} />
      <BoxSheet editing={boxes} book={book} />
    </SheetSection>
  );
}
