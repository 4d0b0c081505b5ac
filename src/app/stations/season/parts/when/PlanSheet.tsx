import { useMemo, type ReactElement } from 'react';
import { TIMINGS } from '../../../../../core';
import type { SeasonPlanContent } from '../../../../../records';
import { selectPreferences, useAppSelector } from '../../../../../store';
import { useCurrent } from '../../../../data/useWorkspaceModel';
import type { Editing } from '../../../../data/useEditing';
import { Field } from '../../../../entry/Field';
import { Fields } from '../../../../entry/Fields';
import { seasonPlanEntry } from '../../../../forms/hives/seasonPlanForm';
import { EntrySheet } from '../../../../ui/forms/EntrySheet';
import { whenWords } from '../../../../words/english/when';
import { TIMING_NAMES } from '../../../../words/timingNames';

interface PlanSheetProps {
  editing: Editing<never>;
  /** what holds now, written down or usual */
  plan: SeasonPlanContent;
}

/** How honey is taken off: one answer for all yards, changed as often as wanted. */
export function PlanSheet({ editing, plan }: PlanSheetProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const record = useCurrent('season-plan').at(-1) ?? null;
  const formOf = useMemo(() => seasonPlanEntry.fill(plan, preferences), [plan, preferences]);
  return (
    <EntrySheet
      open={editing.open}
      onOpenChange={editing.onOpenChange}
      kind="season-plan"
      record={record}
      what={whenWords.thePlan()}
      title={whenWords.howIGoAboutIt()}
      description={whenWords.daysFollowFromIt()}
      formOf={formOf}
      parse={(form) => seasonPlanEntry.read(form, preferences)}
    >
      <Field
        of={seasonPlanEntry}
        at="timing"
        choices={TIMINGS.map((value) => ({ value, label: TIMING_NAMES[value] }))}
      />
      <Field of={seasonPlanEntry} at="weekdays" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields
          of={seasonPlanEntry}
          at={['helpDay', 'boxesOffBy', 'escapeDays', 'sugarPricePerKg']}
        />
      </div>
    </EntrySheet>
  );
}
