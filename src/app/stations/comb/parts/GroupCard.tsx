import { useDraggable, useDroppable } from '@dnd-kit/core';
import clsx from 'clsx';
import { GripVertical } from 'lucide-react';
import { useId, type ReactElement } from 'react';
import {
  conformityProbability,
  expectedMixture,
  pooledStates,
  type Expectation,
  expandedOf,
} from '../../../../core';
import { limitOfDay, type Book } from '../../../../model';
import { type Harvest } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { INPUT } from '../../../ui/classes';
import { RuleStrip } from '../../../ui/charts/RuleStrip';
import { frameColour, groupMass, type Group, type GroupItem } from '../grouping';
import { COLOUR_NAMES } from '../../../format/colour';
import { FrameMark } from './frame/FrameMark';
import { combWords } from '../../../words/english/comb';
import { commonWords } from '../../../words/english/common';
import { inHundred } from '../../../format/chance';

interface FrameChipProps {
  item: GroupItem;
  at: number;
  names: readonly string[];
  onMove: (key: string, to: number) => void;
}

/** A frame that can be dragged to another lot, or sent there from its list. */
function FrameChip({ item, at, names, onMove }: FrameChipProps): ReactElement {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: item.key,
  });
  const { hive, box, slot, count } = item.frame;
  const name = [
    hive,
    box,
    slot === null ? combWords.frames({ count }) : commonWords.frame({ slot }),
  ]
    .filter((text) => text !== '')
    .join(', ');
  const style = transform ? { translate: `${transform.x}px ${transform.y}px` } : undefined;
  return (
    <li
      ref={setNodeRef}
      style={style}
      className={clsx(
        'flex min-h-16 items-center gap-2 border-b border-thread bg-linen py-1',
        isDragging && 'relative z-10 outline-4 outline-lavender',
      )}
    >
      <button
        type="button"
        aria-label={combWords.drag({ name })}
        className="flex size-11 shrink-0 cursor-grab touch-none items-center justify-center"
        {...attributes}
        {...listeners}
      >
        <GripVertical aria-hidden className="size-6" />
      </button>
      <FrameMark check={item.check} act={item.act} begun={false} />
      <span className="grow text-base leading-tight">
        {name}
        <span className="block text-ink-soft">{COLOUR_NAMES[frameColour(item.frame)]}</span>
      </span>
      <select
        aria-label={combWords.lotOf({ name })}
        className={`${INPUT} max-w-36 wide:max-w-56`}
        value={at}
        onChange={(event) => onMove(item.key, Number(event.target.value))}
      >
        {[...names, combWords.aNewLot()].map((text, index) => (
          <option key={index} value={index}>
            {text}
          </option>
        ))}
      </select>
    </li>
  );
}

interface GroupCardProps {
  at: number;
  group: Group;
  names: readonly string[];
  items: readonly GroupItem[];
  expectation: Expectation;
  harvest: Harvest;
  book: Book;
  onMove: (key: string, to: number) => void;
  onName: (name: string) => void;
}

/** What the lot would be: kilograms and the moisture to expect. */
function GroupFigures({
  items,
  expectation,
  harvest,
  book,
}: Pick<GroupCardProps, 'items' | 'expectation' | 'harvest' | 'book'>): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const mass = groupMass(items);
  const states = pooledStates(items.map((item) => item.evidence));
  const expected = states && expectedMixture(states, expectation);
  const limit = limitOfDay(book, harvest);
  const pieces = items.reduce((sum, item) => sum + (item.frame.pieces ?? 0), 0);
  const frames = items.reduce((sum, item) => sum + item.frame.count, 0);
  const cleared = items.filter((item) => item.frame.cleared !== '').length;
  return (
    <>
      <p className="text-3xl leading-tight font-extrabold">
        {pieces > 0
          ? combWords.pieces({ pieces })
          : formatQuantity(mass.massKg, 'mass', preferences, 1)}
        <span className="text-lg font-semibold"> {combWords.fromFrames({ frames })}</span>
      </p>
      {expected && pieces === 0 && (
        <>
          <RuleStrip limitPercent={limit} belief={expected} readings={[]} />
          <p className="text-base">
            {combWords.expectedOver({
              mean: expected.mean.toFixed(1),
              expandedOf: expandedOf(expected).toFixed(1),
              conformityProbability: inHundred(1 - conformityProbability(expected, limit)),
              limit: limit.toFixed(1),
            })}
          </p>
        </>
      )}
      {cleared > 0 && (
        <p className="text-base font-semibold">{combWords.framesFromTreatedOrFed({ cleared })}</p>
      )}
    </>
  );
}

/** A lot in the making: its name, its frames, its figures; frames can be dropped on it. */
export function GroupCard(props: GroupCardProps): ReactElement {
  const { at, group, names, items, onMove, onName } = props;
  const { setNodeRef, isOver } = useDroppable({ id: String(at) });
  const id = useId();
  return (
    <section
      ref={setNodeRef}
      aria-labelledby={id}
      className={clsx(
        'border-t-4 pt-3',
        isOver ? 'border-lavender bg-lavender-pale' : 'border-ink',
      )}
    >
      <h2 id={id} className="sr-only">
        {group.name || combWords.aLotWithoutAName()}
      </h2>
      <input
        aria-label={combWords.nameOfTheLot()}
        value={group.name}
        maxLength={80}
        onChange={(event) => onName(event.target.value)}
        className={`${INPUT} mb-3 text-xl! font-bold`}
      />
      <GroupFigures {...props} />
      <ul className="mt-2 border-t border-ink">
        {items.map((item) => (
          <FrameChip key={item.key} item={item} at={at} names={names} onMove={onMove} />
        ))}
      </ul>
      {items.length === 0 && <p className="py-3 text-base">{combWords.dropFramesHere()}</p>}
    </section>
  );
}
