import { useMemo, type ReactElement } from 'react';
import {
  CAPPING_RULES,
  DRYING_WAYS,
  METER_NEEDS,
  STAY_RULES,
  TIMINGS,
  type School,
} from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { schoolEntry } from '../../../forms/hives/schoolForm';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { DRYING_NAMES, METER_NAMES, RULE_NAMES, STAY_NAMES } from '../words';
import { TIMING_NAMES } from '../../../words/timingNames';
import { choicesOf } from '../../../ui/fields/Pick';
import { useCurrent } from '../../../data/useWorkspaceModel';
import { combWords } from '../../../words/english/comb';
import { weakPointOf } from '../../../words/limitNotes';

interface SchoolSheetProps {
  school: School;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** A school of the keeper's own: changed where it is one, else begun from a shipped one. */
export function SchoolSheet({ school, open, onOpenChange }: SchoolSheetProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const own = useCurrent('school').find((item) => item.entityId === school.id);
  const formOf = useMemo(() => {
    const form = schoolEntry.fill(school, preferences);
    return own ? form : { ...form, name: combWords.ours({ name: form.name }) };
  }, [school, own, preferences]);
  return (
    <EntrySheet
      open={open}
      onOpenChange={onOpenChange}
      kind="school"
      record={own ?? null}
      what={combWords.theRule()}
      title={own ? own.content.name : combWords.aRuleOfYourOwn()}
      description={own ? weakPointOf(school) : combWords.basedOnWhichStaysAs({ name: school.name })}
      formOf={formOf}
      parse={(form) => schoolEntry.read(form, preferences)}
    >
      <Field of={schoolEntry} at="name" />
      <Field of={schoolEntry} at="rule" choices={choicesOf(CAPPING_RULES, RULE_NAMES)} />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={schoolEntry} at={['ripeShare', 'excusedShare']} />
      </div>
      <Field of={schoolEntry} at="stopsAt" />
      <Field of={schoolEntry} at="drying" choices={choicesOf(DRYING_WAYS, DRYING_NAMES)} />
      <Field of={schoolEntry} at="meter" choices={choicesOf(METER_NEEDS, METER_NAMES)} />
      <Field of={schoolEntry} at="timing" choices={choicesOf(TIMINGS, TIMING_NAMES)} />
      <Field of={schoolEntry} at="stays" choices={choicesOf(STAY_RULES, STAY_NAMES)} />
      <Field of={schoolEntry} at="weakPoint" />
    </EntrySheet>
  );
}
