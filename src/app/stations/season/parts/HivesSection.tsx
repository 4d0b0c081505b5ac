import type { ReactElement } from 'react';
import { colonyOf, formatOf, type Book } from '../../../../model';
import { type Box, type Colony, type Preferences, type Yard } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { SheetSection } from '../../../ui/page/SheetSection';
import { formatsWords } from '../../../words/english/formats';
import { LongList } from '../../../ui/page/LongList';
import { Fold } from '../../../ui/page/Fold';
import { INPUT } from '../../../ui/classes';
import { HIVE_ORDERS, boxesOf, hivesByYard, type HiveOrder, type YardHives } from '../hivesByYard';
import { useHiveSearch, type HiveSearch } from '../useHiveSearch';
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
/** Up to so many hives all stand open and there is nothing to look for. */
const FEW_HIVES = 15;

const ORDER_NAMES: Readonly<Record<HiveOrder, string>> = {
  name: seasonWords.byName(),
  doubt: seasonWords.inDoubtFirst(),
  boxes: seasonWords.mostBoxesFirst(),
};

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

/** What the keeper wants to leave to a hive. */
function targetWords(
  keep: NonNullable<Colony['content']['keep']>,
  preferences: Preferences,
): string {
  switch (keep.by) {
    case 'frames':
      return seasonWords.keepsFrames({ frames: keep.frames });
    case 'boxes':
      return seasonWords.keepsBoxes({ boxes: keep.boxes });
    case 'mass':
      return seasonWords.keeps({ kg: formatQuantity(keep.kg, 'mass', preferences, 0) });
  }
}

interface HiveProps {
  book: Book;
  colony: Colony;
  colonies: Editing<Colony>;
  boxes: Editing<Box>;
  isOpen: boolean;
}

function Hive({ book, colony, colonies, boxes, isOpen }: HiveProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { keep, health, name } = colony.content;
  const target = keep === null ? '' : targetWords(keep, preferences);
  const own = boxesOf(book, colony);
  const facts = [seasonWords.boxes({ boxes: own.length }), target, HEALTH_WORDS[health]];
  return (
    <li className="border-l-4 border-thread pl-3">
      <Fold
        open={isOpen}
        size="large"
        summary={
          <span>
            {name}{' '}
            <span className="text-base font-normal text-ink-soft">
              {facts.filter((fact) => fact !== '').join(' · ')}
            </span>
          </span>
        }
      >
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
        <div className="flex flex-wrap gap-x-4">
          <Button tone="quiet" onClick={() => boxes.add(colony.entityId)}>
            {seasonWords.addABoxTo({ name })}
          </Button>
          <Button tone="quiet" onClick={() => colonies.edit(colony)}>
            {formatsWords.change({ title: name })}
          </Button>
        </div>
      </Fold>
    </li>
  );
}

interface YardProps {
  book: Book;
  place: YardHives;
  isOpen: boolean;
  areHivesOpen: boolean;
  yards: Editing<Yard>;
  colonies: Editing<Colony>;
  boxes: Editing<Box>;
}

function YardPlace(props: YardProps): ReactElement {
  const { book, place, isOpen, areHivesOpen, yards, colonies, boxes } = props;
  const { yard, hives } = place;
  return (
    <section aria-label={yard.content.name}>
      <Fold
        open={isOpen}
        size="heading"
        summary={seasonWords.yardWithHives({ name: yard.content.name, hives: hives.length })}
      >
        <EntryRow
          title=""
          facts={[CLIMATE_WORDS[yard.content.climate], yard.content.remark]}
          changes={yard.content.name}
          onEdit={() => yards.edit(yard)}
        />
        <LongList items={hives}>
          {(shown) => (
            <ul className="space-y-2">
              {shown.map((colony) => (
                <Hive
                  key={`${colony.entityId} ${areHivesOpen}`}
                  {...{ book, colony, colonies, boxes }}
                  isOpen={areHivesOpen}
                />
              ))}
            </ul>
          )}
        </LongList>
        <Button className="mt-2" onClick={() => colonies.add(yard.entityId)}>
          {seasonWords.addAHiveTo({ name: yard.content.name })}
        </Button>
      </Fold>
    </section>
  );
}

/** Looks for a hive, and puts those first that need it. */
function FindHives({ find, setFind, order, setOrder }: HiveSearch): ReactElement {
  return (
    <div className="mb-3 grid gap-3 sm:grid-cols-[1fr_auto]">
      <input
        type="search"
        aria-label={seasonWords.findAHive()}
        placeholder={seasonWords.findAHive()}
        className={INPUT}
        value={find}
        onChange={(event) => setFind(event.target.value)}
      />
      <select
        aria-label={seasonWords.sortHives()}
        className={INPUT}
        value={order}
        onChange={(event) => setOrder(event.target.value as HiveOrder)}
      >
        {HIVE_ORDERS.map((each) => (
          <option key={each} value={each}>
            {ORDER_NAMES[each]}
          </option>
        ))}
      </select>
    </div>
  );
}

/** Yards, the hives in them, the boxes on those; totes apart. */
export function HivesSection({ book }: { book: Book }): ReactElement {
  const yards = useEditing<Yard>();
  const colonies = useEditing<Colony>();
  const boxes = useEditing<Box>();
  const search = useHiveSearch();
  const places = hivesByYard(book, search);
  const isFew = book.colonies.length <= FEW_HIVES;
  const isFound = search.find.trim() !== '';
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
      {(!isFew || isFound) && <FindHives {...search} />}
      {isFound && places.length === 0 && <p className="text-lg">{seasonWords.noHiveFound()}</p>}
      <div className="space-y-4">
        <LongList items={places}>
          {(shown) =>
            shown.map((place) => (
              <YardPlace
                // opened anew where the search changes what is open
                key={`${place.yard.entityId} ${isFound}`}
                {...{ book, place, yards, colonies, boxes }}
                isOpen={isFew || isFound}
                areHivesOpen={isFew || (isFound && places.length === 1 && place.hives.length === 1)}
              />
            ))
          }
        </LongList>
      </div>
      <section aria-label={seasonWords.totesAndLooseBoxes()} className="mt-6">
        <p className="text-xl font-bold">{seasonWords.totesAndLooseBoxes()}</p>
        <LongList items={loose}>
          {(shown) =>
            shown.map((item) => (
              <EntryRow
                key={item.entityId}
                title={item.content.label}
                facts={boxFacts(item, book)}
                onEdit={() => boxes.edit(item)}
              />
            ))
          }
        </LongList>
        <Button onClick={() => boxes.add('')}>{seasonWords.addATote()}</Button>
      </section>
      <YardSheet editing={yards} />
      <ColonySheet editing={colonies} book={book} />
      <BoxSheet editing={boxes} book={book} />
    </SheetSection>
  );
}
