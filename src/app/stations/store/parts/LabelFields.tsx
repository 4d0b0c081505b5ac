import { type ReactElement } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { labelEntry, sheetFields } from '../../../forms/store/labelForm';
import { LABEL_SHEETS } from '../../../pdf/labelSheets';
import { ColourField } from './ColourField';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { jarsWords } from '../../../words/english/jars';

const { id: _id, ...MEASURE_FIELDS } = sheetFields.fields;

const MEASURES = Object.keys(MEASURE_FIELDS) as (keyof typeof MEASURE_FIELDS)[];

/** The words, colours and sheet of a label. */
export function LabelFields(): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { setValue } = useFormContext();
  const sheetId = useWatch({ name: 'sheet.id' }) as string;
  const take = (id: string): void => {
    const found = LABEL_SHEETS.find((labelSheet) => labelSheet.sheet.id === id);
    if (!found) return;
    const sheet = sheetFields.fill(found.sheet, preferences);
    setValue('sheet', sheet, { shouldDirty: true, shouldValidate: true });
  };
  return (
    <>
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={labelEntry} at={['title', 'producer', 'origin', 'moreText']} />
        <ColourField name="ink" label={jarsWords.colourOfTheLetters()} />
        <ColourField name="paper" label={jarsWords.colourOfThePaper()} />
      </div>
      <Fields of={labelEntry} at={['weightUnits', 'showQr']} />
      <Field
        of={labelEntry}
        at="sheet.id"
        choices={[
          ...LABEL_SHEETS.map((labelSheet) => ({
            value: labelSheet.sheet.id,
            label: labelSheet.name,
          })),
          { value: 'own', label: jarsWords.aSheetOfMyOwn() },
        ]}
        onChosen={take}
      />
      <details open={sheetId === 'own'}>
        <FoldSummary>{jarsWords.sheetMeasurements()}</FoldSummary>
        <div className="grid grid-cols-2 gap-5 sm:grid-cols-3">
          {MEASURES.map((measure) => (
            <Field key={measure} of={labelEntry} at={`sheet.${measure}`} />
          ))}
        </div>
      </details>
      <Field of={labelEntry} at="name" />
    </>
  );
}
