import { useState, type ReactElement } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import type { Book } from '../../../../../model';
import { selectPreferences, useAppSelector } from '../../../../../store';
import { saveWeather } from '../../../../acts/seasonActs';
import type { Editing } from '../../../../data/useEditing';
import { Field } from '../../../../entry/Field';
import {
  freshWeather,
  readWeather,
  weatherEntry,
  type WeatherForm,
} from '../../../../forms/hives/weatherForm';
import { useRecordForm } from '../../../../forms/useRecordForm';
import { isoToday } from '../../../../format/dates';
import { Button } from '../../../../ui/Button';
import { PasteField } from '../../../../ui/fields/PasteField';
import { TextFileChoice } from '../../../../ui/fields/TextFileChoice';
import { FormFrame } from '../../../../ui/forms/FormFrame';
import { Sheet } from '../../../../ui/forms/Sheet';
import { Fold } from '../../../../ui/page/Fold';
import { whenWords } from '../../../../words/english/when';
import { pastedWeather } from '../../weatherTable';

/** Lines of a forecast from elsewhere: they fill the days, which can be changed before they are kept. */
function PasteLines(): ReactElement {
  const { setValue } = useFormContext<WeatherForm>();
  const preferences = useAppSelector(selectPreferences);
  const [text, setText] = useState('');
  const [said, setSaid] = useState('');
  const take = (pasted: string): void => {
    setText(pasted);
    const { days, bad } = pastedWeather(pasted, preferences);
    if (days.length === 0) {
      setSaid(pasted.trim() === '' ? '' : whenWords.noDayCanBeRead());
      return;
    }
    setSaid(whenWords.linesRead({ days: days.length, bad }));
    setValue('source', 'file', { shouldDirty: true });
    setValue('days', days, { shouldDirty: true });
  };
  return (
    <Fold summary={whenWords.pasteOrChoose()}>
      <div className="space-y-3">
        <TextFileChoice label={whenWords.fileWithAForecast()} onText={take} />
        <PasteField
          label={whenWords.orPasteLines()}
          placeholder={whenWords.dayHighLowRain()}
          value={text}
          onText={take}
        />
        <p role="status" className="text-lg font-semibold empty:hidden">
          {said}
        </p>
      </div>
    </Fold>
  );
}

/** One row a day. */
function DayRows(): ReactElement {
  const { control } = useFormContext<WeatherForm>();
  const days = useWatch({ control, name: 'days' });
  return (
    <ul className="space-y-3">
      {days.map((_, at) => (
        <li
          key={at}
          className="grid grid-cols-2 gap-x-3 gap-y-1 border-b border-thread pb-3 sm:grid-cols-[1.4fr_1fr_1fr_1fr]"
        >
          {(['day', 'highestC', 'lowestC', 'rainMm'] as const).map((name) => (
            <Field key={name} of={weatherEntry} at={`days.${at}.${name}`} />
          ))}
        </li>
      ))}
    </ul>
  );
}

function WeatherEntry({ book, onDone }: { book: Book; onDone: () => void }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { frame, keep } = useRecordForm({
    formKey: 'entry:weather::new',
    defaults: freshWeather(isoToday()),
    parse: (form) => readWeather(form, preferences),
    act: saveWeather,
    onKept: onDone,
  });
  const yards = book.yards.map(({ entityId, content }) => ({
    value: entityId,
    label: content.name,
  }));
  return (
    <FormFrame {...frame} onSubmit={keep} label={whenWords.weatherOfTheDays()}>
      <div className="space-y-5">
        <PasteLines />
        {yards.length > 1 && (
          <Field
            of={weatherEntry}
            at="yardId"
            choices={[{ value: '', label: whenWords.allYards() }, ...yards]}
          />
        )}
        <DayRows />
        <Button type="submit" tone="ink" className="min-h-14">
          {whenWords.saveForecast()}
        </Button>
      </div>
    </FormFrame>
  );
}

interface WeatherSheetProps {
  editing: Editing<never>;
  book: Book;
}

/** A forecast, typed day by day or pasted. */
export function WeatherSheet({ editing, book }: WeatherSheetProps): ReactElement {
  return (
    <Sheet
      open={editing.open}
      onOpenChange={editing.onOpenChange}
      title={whenWords.weatherOfTheDays()}
      description={whenWords.typeOrPaste()}
    >
      <WeatherEntry book={book} onDone={() => editing.onOpenChange(false)} />
    </Sheet>
  );
}
