import { useMemo, type ReactElement } from 'react';
import {
  CAPPING_RULES,
  DRYING_WAYS,
  METER_NEEDS,
  STAY_RULES,
  TIMINGS,
  type School,
} from '../../../../core';
import { useRecordsOf } from '../../../../db';
import { current, type OwnSchool } from '../../../../records';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../../store';
import { readSchoolForm, schoolFormOf } from '../../../forms/schoolForm';
import { ChoiceField } from '../../../ui/ChoiceField';
import { EntrySheet } from '../../../ui/EntrySheet';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';
import { DRYING_NAMES, METER_NAMES, RULE_NAMES, TIMING_NAMES, STAY_NAMES } from '../words';
import { choicesOf } from './Pick';

const KINDS = ['school'] as const;

interface SchoolSheetProps {
  school: School;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** A school of the keeper's own: changed where it is one, else begun from a shipped one. */
export function SchoolSheet({ school, open, onOpenChange }: SchoolSheetProps): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  const preferences = useAppSelector(selectPreferences);
  const records = useRecordsOf(workspace, KINDS);
  const own = current(records ?? []).find(
    (one): one is OwnSchool => one.kind === 'school' && one.entityId === school.id,
  );
  const formOf = useMemo(() => {
    const form = schoolFormOf(school);
    return own ? form : { ...form, name: `${form.name}, ours` };
  }, [school, own]);
  if (!records) return null;
  return (
    <EntrySheet
      open={open}
      onOpenChange={onOpenChange}
      kind="school"
      record={own ?? null}
      what="the school"
      title={own ? own.content.name : 'A school of your own'}
      description={own ? school.weakPoint : `Begun from “${school.name}”; that one stays as it is.`}
      formOf={formOf}
      parse={(form) => readSchoolForm(form, preferences)}
    >
      <TextField name="name" label="Name" />
      <SelectField name="rule" label="Rule" options={choicesOf(CAPPING_RULES, RULE_NAMES)} />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField name="ripe" label="Capped share asked for" unit="%" inputMode="decimal" />
        <TextField
          name="excused"
          label="A clean shake excuses down to"
          unit="%"
          inputMode="decimal"
          hint="Empty: never"
        />
      </div>
      <ChoiceField
        name="stopsAt"
        label="Not taken from"
        choices={[
          { value: 'drops', label: 'Drops at the shake' },
          { value: 'runs', label: 'Running honey' },
        ]}
      />
      <SelectField name="drying" label="Drying" options={choicesOf(DRYING_WAYS, DRYING_NAMES)} />
      <SelectField name="meter" label="Meter" options={choicesOf(METER_NEEDS, METER_NAMES)} />
      <SelectField name="timing" label="Timing" options={choicesOf(TIMINGS, TIMING_NAMES)} />
      <ChoiceField name="stays" label="What stays" choices={choicesOf(STAY_RULES, STAY_NAMES)} />
      <TextField name="weakPoint" label="Its weak point" />
    </EntrySheet>
  );
}
