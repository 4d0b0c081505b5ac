import { useState, type ReactElement } from 'react';
import { selectPreferences, useAppSelector, type ActOptions } from '../../../store';
import { useDraftText } from '../../forms/useDraftText';
import { readWithUnit } from '../../format/typedUnits';
import { unitOf } from '../../format/units';
import { Button } from '../Button';
import type { ButtonTone } from '../classes';
import { LooseField } from '../fields/LooseField';

interface OneMassFormProps {
  /** tells this mass from others; what is typed is kept under it */
  formKey: string;
  label: string;
  button: string;
  tone?: ButtonTone;
  /** whether nothing may be typed; it is then reported as null */
  optional?: boolean;
  /** what is wrong with a mass, in one sentence; empty where nothing is */
  wrongWith: (kg: number) => string;
  /** keeps the mass with the draft that is to be forgotten; whether it was kept */
  onKeep: (kg: number | null, options: ActOptions) => Promise<boolean>;
}

/** One mass in the keeper's unit and one press; what is wrong is said under the field, and nothing typed is lost. */
export function OneMassForm(props: OneMassFormProps): ReactElement {
  const { formKey, label, button, tone = 'line', optional = false, wrongWith, onKeep } = props;
  const preferences = useAppSelector(selectPreferences);
  const unit = unitOf('mass', preferences);
  const { text, type, drop } = useDraftText(formKey);
  const [wrong, setWrong] = useState('');
  const keep = async (): Promise<void> => {
    const isEmpty = optional && text.trim() === '';
    const typed = isEmpty ? null : readWithUnit(text, unit.name, preferences);
    const kg = typed?.ok ? unit.toBase(typed.value) : null;
    const sentence = typed?.ok === false ? typed.sentence : kg === null ? '' : wrongWith(kg);
    setWrong(sentence);
    if (sentence === '' && (await onKeep(kg, { draft: formKey }))) drop();
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <LooseField
        label={label}
        inputMode="decimal"
        width="max-w-40"
        value={text}
        onType={type}
        wrong={wrong}
        beside={
          <Button type="submit" tone={tone} className="min-h-14">
            {button}
          </Button>
        }
      />
    </form>
  );
}
