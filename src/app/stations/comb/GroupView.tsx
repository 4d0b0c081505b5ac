import { PageHead } from '../../ui/page/PageHead';
import type { useGroupController } from './useGroupController';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import type { ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/page/PageLink';
import { GROUP_RULES, type GroupRule } from './grouping';
import { GroupCard } from './parts/GroupCard';
import { combWords } from '../../words/english/comb';

const RULE_WORDS: Readonly<Record<GroupRule, string>> = {
  flow: combWords.byFlow(),
  colour: combWords.byColour(),
  capping: combWords.cappedFromOpen(),
  yard: combWords.byYard(),
};

interface RulesProps {
  rules: readonly GroupRule[];
  onRules: (rules: readonly GroupRule[]) => void;
}

/** What parts the frames; several rules part them further. */
function Rules({ rules, onRules }: RulesProps): ReactElement {
  return (
    <div role="group" aria-label={combWords.sortTheFrames()} className="flex flex-wrap gap-2">
      {GROUP_RULES.map((rule) => {
        const on = rules.includes(rule);
        return (
          <button
            key={rule}
            type="button"
            aria-pressed={on}
            onClick={() => onRules(on ? rules.filter((value) => value !== rule) : [...rules, rule])}
            className="min-h-14 border-2 border-ink bg-paper px-4 text-base font-semibold aria-pressed:bg-ink aria-pressed:text-linen aria-pressed:underline"
          >
            {RULE_WORDS[rule]}
          </button>
        );
      })}
    </div>
  );
}

function useDragSensors() {
  return useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 8 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 150, tolerance: 8 } }),
    useSensor(KeyboardSensor),
  );
}

/** Frames into lots: by rule, then by hand. */
export function GroupView(props: ReturnType<typeof useGroupController>): ReactElement {
  const { day, items, groups, rules, setRules, expectation, move, rename, full, make } = props;
  const sensors = useDragSensors();
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    if (over) move(String(active.id), Number(over.id));
  };
  return (
    <>
      <PageHead title={combWords.lotsOf({ name: day.harvest.content.name })} />
      {items.length === 0 ? (
        <p className="mt-4 max-w-2xl text-lg">
          {combWords.everyFrameTakenOnThis()}{' '}
          <PageLink tone="quiet" to={`comb/${day.harvest.entityId}`}>
            {combWords.backToTheDay()}
          </PageLink>
        </p>
      ) : (
        <>
          <p className="mt-1 mb-4 max-w-3xl text-lg">{combWords.keepDarkAndLightApart()}</p>
          <Rules rules={rules} onRules={setRules} />
          <DndContext
            sensors={sensors}
            onDragEnd={onDragEnd}
            accessibility={{ screenReaderInstructions: { draggable: combWords.howToDrag() } }}
          >
            <div className="mt-6 grid grid-cols-[minmax(0,1fr)] gap-6 wide:grid-cols-2">
              {groups.map((group, at) => (
                <GroupCard
                  key={at}
                  at={at}
                  group={group}
                  names={groups.map((item) => item.name)}
                  items={items.filter((item) => group.keys.includes(item.key))}
                  expectation={expectation}
                  harvest={day.harvest}
                  book={day.book}
                  onMove={move}
                  onName={(name) => rename(at, name)}
                />
              ))}
            </div>
          </DndContext>
          <Button tone="ink" className="mt-6 min-h-16 w-full text-xl" onClick={() => void make()}>
            {combWords.makeLots({ full })}
          </Button>
        </>
      )}
    </>
  );
}
