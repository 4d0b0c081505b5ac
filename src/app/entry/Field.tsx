import type { ReactElement, ReactNode } from 'react';
import { selectPreferences, useAppSelector } from '../../store';
import { ChecksField } from '../ui/fields/ChecksField';
import { ChoiceField } from '../ui/fields/ChoiceField';
import { SelectField } from '../ui/fields/SelectField';
import { TextField } from '../ui/fields/TextField';
import { codecAt, type Choice, type Fields } from './codec';
import type { Form } from './entry';

/** Where fields stand in a form: `name`, `machine.ratedLPerDay`, `looks.0`. */
export type PathIn<Fs extends Fields> = {
  [K in keyof Fs & string]: Fs[K] extends { readonly fields: infer Inside extends Fields }
    ? `${K}.${PathIn<Inside>}`
    : Fs[K] extends { readonly line: object }
      ? `${K}.${string}`
      : K;
}[keyof Fs & string];

/** What one place of a field shows otherwise than all others. */
interface FieldProps<Fs extends Fields> {
  of: Pick<Form<Fs>, 'fields'>;
  at: PathIn<Fs>;
  /** where the form stands within a larger one */
  under?: string;
  label?: ReactNode;
  hint?: ReactNode;
  unit?: string;
  placeholder?: string;
  choices?: readonly Choice[];
  suggestions?: readonly string[];
  shape?: 'words' | 'cells';
  oneColumn?: boolean;
  big?: boolean;
  inputId?: string;
  onChosen?: (value: string) => void;
}

/** A field of a form, called and drawn as its codec says. */
export function Field<Fs extends Fields>(props: FieldProps<Fs>): ReactElement {
  const { of, at, under, shape, oneColumn, onChosen, ...own } = props;
  const preferences = useAppSelector(selectPreferences);
  const look = codecAt(of.fields, at)?.look;
  if (!look) throw new Error(`the screen draws ${at} itself`);
  const { as, choices = [], ...drawn } = { ...look, ...own };
  const unit = typeof drawn.unit === 'function' ? drawn.unit(preferences) : drawn.unit;
  const hint = typeof drawn.hint === 'function' ? drawn.hint() : drawn.hint;
  const name = under === undefined ? at : `${under}.${at}`;
  const { label } = drawn;
  switch (as) {
    case 'text':
      return (
        <TextField
          {...drawn}
          {...{ name, unit, hint }}
          prefix={under === undefined ? '' : `${under}.`}
        />
      );
    case 'choice':
      return <ChoiceField {...{ name, label, hint, choices, shape, onChosen }} />;
    case 'select':
      return <SelectField {...{ name, label, hint, options: choices, onChosen }} />;
    case 'checks':
      return <ChecksField {...{ name, label, choices, oneColumn }} />;
  }
}
