import type { ReactElement } from 'react';
import type { OccasionPlan } from '../../../../model';
import { PURPOSES, type Occasion, type Preferences } from '../../../../records';
import type { RecordAct } from '../../../../store';
import type { Editing } from '../../../data/useEditing';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { freshOccasion, occasionEntry } from '../../../forms/store/occasionForm';
import { formatDay } from '../../../format/dates';
import { gramsText } from '../../../format/jarSize';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { Fold } from '../../../ui/page/Fold';
import { SheetSection } from '../../../ui/page/SheetSection';
import { commonWords } from '../../../words/english/common';
import { jarCareWords } from '../../../words/english/jarCare';
import { PURPOSE_NAMES } from '../../../words/storeWords';
import { occasionGone, setAsideFor } from '../jarActs';

function stateWords({ occasion, asideCount, from, short }: OccasionPlan, at: Preferences): string {
  const { day, jarG } = occasion.content;
  const aside = asideCount > 0 ? ` ${jarCareWords.alsoSetAside({ aside: asideCount })}` : '';
  if (short > 0) {
    const when = formatDay(day);
    if (jarG === null) return jarCareWords.shortAnySize({ short, day: when }) + aside;
    const kg = formatQuantity((short * jarG) / 1000, 'mass', at);
    return jarCareWords.shortFill({ short, kg, day: when }) + aside;
  }
  if (from.length === 0) return jarCareWords.allSetAside();
  const runs = from.map(({ run, count }) =>
    jarCareWords.countOfRun({ count, code: run.stock.packing.content.code }),
  );
  return jarCareWords.enough({ from: runs.join(', ') }) + aside;
}

interface PlanRowProps {
  plan: OccasionPlan;
  preferences: Preferences;
  today: string;
  onEdit: (occasion: Occasion) => void;
  press: (act: RecordAct) => void;
}

function PlanRow({ plan, preferences, today, onEdit, press }: PlanRowProps): ReactElement {
  const { occasion, asideCount, fromCount, short } = plan;
  const { name, day, count, jarG } = occasion.content;
  const size = jarG === null ? '' : jarCareWords.ofSize({ size: gramsText(jarG, preferences) });
  const mayBeGone = asideCount > 0 && (fromCount === 0 || day <= today);
  return (
    <li className="py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 className="text-xl font-bold">{name}</h3>
        <p className="text-lg">{jarCareWords.onDay({ day: formatDay(day), count, size })}</p>
      </div>
      <p className={short > 0 ? 'text-lg font-bold' : 'text-lg'}>{stateWords(plan, preferences)}</p>
      <div className="mt-1 flex flex-wrap gap-x-3 gap-y-2">
        {fromCount > 0 && (
          <Button tone="ink" onClick={() => press(setAsideFor(plan))}>
            {jarCareWords.setAsideFor({ count: fromCount })}
            <span className="sr-only"> ({name})</span>
          </Button>
        )}
        {mayBeGone && (
          <Button onClick={() => press(occasionGone(plan))}>
            {jarCareWords.haveGone()}
            <span className="sr-only"> ({name})</span>
          </Button>
        )}
        <Button tone="quiet" onClick={() => onEdit(occasion)}>
          {commonWords.change()}
          <span className="sr-only"> {name}</span>
        </Button>
      </div>
    </li>
  );
}

interface OccasionsSectionProps {
  plans: readonly OccasionPlan[];
  past: readonly Occasion[];
  editing: Editing<Occasion>;
  preferences: Preferences;
  today: string;
  press: (act: RecordAct) => void;
}

/** What jars are wanted for, the next day first, with the oldest jars that are there for it. */
export function OccasionsSection(props: OccasionsSectionProps): ReactElement {
  const { plans, past, editing, preferences, today, press } = props;
  const { record } = editing;
  return (
    <SheetSection
      id="occasions"
      title={jarCareWords.occasions()}
      aside={<Button onClick={() => editing.add()}>{jarCareWords.addAnOccasion()}</Button>}
    >
      {plans.length === 0 && <p className="text-lg">{jarCareWords.noOccasions()}</p>}
      <ul className="divide-y divide-thread">
        {plans.map((plan) => (
          <PlanRow
            key={plan.occasion.entityId}
            plan={plan}
            preferences={preferences}
            today={today}
            onEdit={editing.edit}
            press={press}
          />
        ))}
      </ul>
      {past.length > 0 && (
        <Fold className="mt-4" summary={jarCareWords.isPast({ count: past.length })}>
          <ul className="divide-y divide-thread">
            {past.map((occasion) => (
              <li key={occasion.entityId} className="flex items-center justify-between py-1.5">
                <span className="text-lg">
                  {occasion.content.name}, {formatDay(occasion.content.day)}
                </span>
                <Button tone="quiet" onClick={() => editing.edit(occasion)}>
                  {commonWords.change()}
                  <span className="sr-only"> {occasion.content.name}</span>
                </Button>
              </li>
            ))}
          </ul>
        </Fold>
      )}
      <EntrySheet
        {...editing}
        kind="occasion"
        what={jarCareWords.theOccasion()}
        title={record?.content.name ?? jarCareWords.addAnOccasion()}
        description={jarCareWords.occasionHelp()}
        formOf={occasionEntry.fill(record?.content ?? freshOccasion(today), preferences)}
        parse={(form) =>
          occasionEntry.read(form, preferences, { rest: { over: record?.content.over ?? false } })
        }
      >
        <Fields of={occasionEntry} at={['name', 'day']} />
        <div className="grid gap-5 sm:grid-cols-2">
          <Field of={occasionEntry} at="count" big />
          <Field of={occasionEntry} at="jarG" />
        </div>
        <Field
          of={occasionEntry}
          at="purpose"
          choices={PURPOSES.filter((purpose) => purpose !== 'sample').map((value) => ({
            value,
            label: PURPOSE_NAMES[value],
          }))}
        />
        <Field of={occasionEntry} at="remark" />
      </EntrySheet>
    </SheetSection>
  );
}
