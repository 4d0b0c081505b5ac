import type { ReactElement } from 'react';
import { columnCount } from '../../format/columns';
import { ChoiceField } from './ChoiceField';
import { SelectField } from './SelectField';
import { commonWords } from '../../words/english/common';
import { sharedWords } from '../../words/english/shared';

interface ColumnMatchProps<F extends string> {
  cells: readonly (readonly string[])[];
  fields: readonly F[];
  names: Readonly<Record<F, string>>;
}

/** Which column of a table holds what; fields `columns.…` and `heading` of the form. */
export function ColumnMatch<F extends string>(props: ColumnMatchProps<F>): ReactElement {
  const { cells, fields, names } = props;
  const options = [
    { value: '', label: sharedWords.notThere() },
    ...Array.from({ length: columnCount(cells) }, (_, at) => {
      const example = cells[1]?.[at] ?? cells[0]?.[at] ?? '';
      const name = cells[0]?.[at] ?? '';
      return {
        value: String(at),
        label: `${at + 1}: ${name}${example === name ? '' : `, ${example}`}`,
      };
    }),
  ];
  return (
    <div className="grid grid-cols-[repeat(auto-fit,minmax(13rem,1fr))] gap-5">
      {fields.map((field) => (
        <SelectField key={field} name={`columns.${field}`} label={names[field]} options={options} />
      ))}
      <ChoiceField
        name="heading"
        label={sharedWords.theFirstLineIsA()}
        choices={[
          { value: 'yes', label: commonWords.yes() },
          { value: 'no', label: commonWords.no() },
        ]}
      />
    </div>
  );
}
