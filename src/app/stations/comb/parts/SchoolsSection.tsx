import { chooseSchool } from '../combActs';
import { useMemo, useState, type ReactElement } from 'react';
import { SCHOOLS, type Expectation, type SchoolOutcome, expandedOf } from '../../../../core';
import { limitOfDay, type HarvestDay, doneFrames, schoolsOnDay } from '../../../../model';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { RuleStrip } from '../../../ui/charts/RuleStrip';
import { SheetSection } from '../../../ui/page/SheetSection';
import { METER_NAMES } from '../words';
import { SchoolSheet } from './SchoolSheet';
import { combWords } from '../../../words/english/comb';
import { inHundred } from '../../../format/chance';

function dryingWords({ drying }: SchoolOutcome): string {
  switch (drying.status) {
    case 'dry-enough':
      return combWords.noDryingExpected();
    case 'days':
      return combWords.aboutInTheWarmRoom({
        part:
          drying.days < 1
            ? combWords.aDay()
            : combWords.daysHeading({ days: Math.ceil(drying.days) }),
      });
    case 'in-the-tank':
      return combWords.driedInTheTankIf();
    case 'no-way':
      return combWords.wetterThanYourTargetAnd();
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
        <p className="text-2xl leading-tight font-bold min-[24rem]:whitespace-nowrap">
          {combWords.frames2({
            takenFrames,
            massKg: formatQuantity(taken.massKg, 'mass', preferences, 0),
          })}
        </p>
        <p className="text-base">
          {combWords.left({ leftFrames })}
          {toDryFrames > 0 && combWords.toDry({ toDryFrames })}
          {openShare !== null && combWords.open({ openShare: Math.round(openShare * 100) })}
        </p>
      </div>
      <div>
        {expected ? (
          <>
            <RuleStrip limitPercent={limitPercent} belief={expected} readings={[]} />
            <p className="text-base">
              {combWords.over({
                mean: expected.mean.toFixed(1),
                expandedOf: expandedOf(expected).toFixed(1),
                over: inHundred(over ?? 0),
                dryingWords: dryingWords(outcome),
              })}
            </p>
          </>
        ) : (
          <p className="text-base">{combWords.takesNothingHere()}</p>
        )}
      </div>
      <div className="flex flex-wrap items-start gap-2">
        {inForce ? (
          <p className="min-h-11 py-2 text-base font-semibold">{combWords.inUseToday()}</p>
        ) : (
          <Button onClick={onChoose}>{combWords.useThisRule()}</Button>
        )}
        <Button tone="quiet" onClick={onEdit}>
          {SCHOOLS.includes(school) ? combWords.ownVersion() : combWords.edit()}
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
  if (day.judged.length + day.file.surveys.length === 0) return null;
  const choose = (schoolId: string): void => void dispatch(chooseSchool(day.harvest, schoolId));
  const edited = outcomes.find((outcome) => outcome.school.id === editing)?.school;
  return (
    <SheetSection id="schools" title={combWords.otherRulesOnTheSame()}>
      <ul className="divide-y divide-thread border-y-2 border-ink">
        {outcomes.map((outcome) => (
          <SchoolRow
            key={outcome.school.id}
            outcome={outcome}
            limitPercent={limitOfDay(day.book, day.harvest)}
            inForce={outcome.school.id === day.judging.school.id}
            onChoose={() => choose(outcome.school.id)}
            onEdit={() => setEditing(outcome.school.id)}
          />
        ))}
      </ul>
      {edited && (
        <SchoolSheet school={edited} open onOpenChange={(open) => !open && setEditing(null)} />
      )}
    </SheetSection>
  );
}
