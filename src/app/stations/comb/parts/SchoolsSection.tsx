import { useMemo, useState, type ReactElement } from 'react';
import {
  SCHOOLS,
  inHundred,
  type Expectation,
  type SchoolOutcome,
  expandedOf,
} from '../../../../core';
import { limitOfDay, type HarvestDay, doneFrames, schoolsOnDay } from '../../../../model';
import { nextRevision } from '../../../../records';
import { perform, selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { RuleStrip } from '../../../ui/charts/RuleStrip';
import { SheetSection } from '../../../ui/page/SheetSection';
import { METER_NAMES } from '../words';
import { SchoolSheet } from './SchoolSheet';

function dryingWords({ drying }: SchoolOutcome): string {
  switch (drying.status) {
    case 'dry-enough':
      return 'no drying expected';
    case 'days':
      return `about ${drying.days < 1 ? 'a day' : `${Math.ceil(drying.days)} days`} in the warm room (coarse)`;
    case 'in-the-tank':
      return 'dried in the tank if it reads wet';
    case 'no-way':
      return 'wetter than your target, and no drying in this school';
  }
}

interface SchoolRowProps {
  outcome: SchoolOutcome;
  limitPercent: number;
  inForce: boolean;
  onChoose: () => void;
  onEdit: () => void;
}

function SchoolRow(props: SchoolRowProps): ReactElement {
  const { outcome, limitPercent, inForce, onChoose, onEdit } = props;
  const preferences = useAppSelector(selectPreferences);
  const { school, taken, takenFrames, toDryFrames, leftFrames, openShare, expected } = outcome;
  const over = outcome.overProbability;
  return (
    <li
      className={`grid gap-x-6 gap-y-1 py-3 lg:grid-cols-[11rem_13rem_minmax(0,1fr)_9rem] ${inForce ? 'border-l-8 border-lavender pl-3' : 'pl-5'}`}
    >
      <div>
        <h3 className="text-lg leading-tight font-bold">{school.name}</h3>
        <p className="text-base text-ink-soft">{METER_NAMES[school.meter]}</p>
      </div>
      <div>
        <p className="text-2xl leading-tight font-bold whitespace-nowrap">
          {takenFrames} frames, {formatQuantity(taken.massKg, 'mass', preferences, 0)}
        </p>
        <p className="text-base">
          {leftFrames} left{toDryFrames > 0 && `, ${toDryFrames} to dry`}
          {openShare !== null && `, ${Math.round(openShare * 100)} % open`}
        </p>
      </div>
      <div>
        {expected ? (
          <>
            <RuleStrip limitPercent={limitPercent} belief={expected} readings={[]} />
            <p className="text-base">
              {expected.mean.toFixed(1)} ± {expandedOf(expected).toFixed(1)} %,{' '}
              {inHundred(over ?? 0)} over; {dryingWords(outcome)}
            </p>
          </>
        ) : (
          <p className="text-base">Takes nothing here.</p>
        )}
      </div>
      <div className="flex flex-wrap items-start gap-2">
        {inForce ? (
          <p className="min-h-11 py-2 text-base font-semibold">Judges today</p>
        ) : (
          <Button onClick={onChoose}>Judge by it</Button>
        )}
        <Button tone="quiet" onClick={onEdit}>
          {SCHOOLS.includes(school) ? 'Own version' : 'Edit'}
        </Button>
      </div>
    </li>
  );
}

/** Every school on the very same frames, side by side. */
export function SchoolsSection({
  day,
  expectation,
}: {
  day: HarvestDay;
  expectation: Expectation;
}): ReactElement | null {
  const dispatch = useAppDispatch();
  const [editing, setEditing] = useState<string | null>(null);
  const outcomes = useMemo(() => {
    const schools = [...SCHOOLS, ...day.book.schools];
    return schoolsOnDay(day, doneFrames(day), { schools, expectation });
  }, [day, expectation]);
  if (day.judged.length + day.file.strokes.length === 0) return null;
  const choose = (schoolId: string): void => {
    const content = { ...day.harvest.content, schoolId };
    void dispatch(
      perform('School changed', (scribe) => [
        nextRevision(scribe, day.harvest, { content, reason: 'Another school' }),
      ]),
    );
  };
  const edited = outcomes.find((one) => one.school.id === editing)?.school;
  return (
    <SheetSection id="schools" title="Other schools on the same frames">
      <ul className="divide-y divide-thread border-y-2 border-ink">
        {outcomes.map((one) => (
          <SchoolRow
            key={one.school.id}
            outcome={one}
            limitPercent={limitOfDay(day.book, day.harvest)}
            inForce={one.school.id === day.judging.school.id}
            onChoose={() => choose(one.school.id)}
            onEdit={() => setEditing(one.school.id)}
          />
        ))}
      </ul>
      {edited && (
        <SchoolSheet school={edited} open onOpenChange={(open) => !open && setEditing(null)} />
      )}
    </SheetSection>
  );
}
