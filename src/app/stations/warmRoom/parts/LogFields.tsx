import { useMemo, type ReactElement } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { cellsOf } from '../../../format/cells';
import { DATE_ORDERS, DATE_ORDER_NAMES } from '../../../format/logTimes';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { ColumnMatch } from '../../../ui/fields/ColumnMatch';
import { PlainTable } from '../../../ui/PlainTable';
import { SelectField } from '../../../ui/fields/SelectField';
import { PasteField } from '../../../ui/fields/PasteField';
import { TextFileChoice } from '../../../ui/fields/TextFileChoice';
import { gapWords, spikeWords } from '../logWords';
import { LOG_FIELDS, LOG_FIELD_NAMES, guessLog, readLog, type LogForm } from '../logTable';
import { inUnits } from '../../../words/keepersUnits';
import { roomWords } from '../../../words/english/room';
import { formatDayTime } from '../../../format/dates';
import { linesIn } from '../airActs';

/** Bad lines shown one by one; more are only counted. */
const BAD_SHOWN = 20;

/** What the table says, before it is kept. */
function Preview({ form }: { form: LogForm }): ReactElement {
  const log = useMemo(() => readLog(form), [form]);
  const { content, parts, bad, gaps, spikes, zeroMs } = log;
  const end = parts.at(-1);
  const lastMs = end ? Date.parse(end.startedAt) + (end.minutes.at(-1) ?? 0) * 60_000 : zeroMs;
  const middle = (values: readonly number[] = []): number =>
    [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;
  return (
    <div role="region" aria-label={roomWords.whatWillBeSaved()} className="space-y-3">
      <p role="status" className="text-2xl font-bold">
        {roomWords.goodLines({ linesIn: linesIn(parts) })}
        {bad.length > 0 && roomWords.linesLeftOut({ bad: bad.length })}
      </p>
      {content && (
        <p className="text-lg">
          {roomWords.toMostlyCAnd({
            zeroMs: formatDayTime(zeroMs),
            lastMs: formatDayTime(lastMs),
            temperature: inUnits(middle(content.temperatureC), 'temperature'),
            humidity: (100 * middle(content.relativeHumidity)).toFixed(0),
          })}
        </p>
      )}
      <ul className="list-disc pl-5 text-base">
        {gaps.map((gap) => (
          <li key={gap.fromDay}>{gapWords(gap, zeroMs)}</li>
        ))}
        {spikes.length > 0 && <li>{spikeWords(spikes, zeroMs)}</li>}
      </ul>
      {bad.length > 0 && (
        <PlainTable
          label={roomWords.linesLeftOut2()}
          head={[roomWords.line(), roomWords.whatIsWrong(), roomWords.itSays()]}
          rows={bad
            .slice(0, BAD_SHOWN)
            .map(({ line, sentence, cells }) => [line, sentence, cells.join(' | ')])}
        />
      )}
      {bad.length > BAD_SHOWN && (
        <p className="text-base">{roomWords.andLinesMore({ bad: bad.length - BAD_SHOWN })}</p>
      )}
    </div>
  );
}

/** The file or the lines of a log, which column is what, and what would be kept. */
export function LogFields(): ReactElement {
  const { control, setValue } = useFormContext<LogForm>();
  const form = useWatch({ control }) as LogForm;
  const cells = useMemo(() => cellsOf(form.paste, 100), [form.paste]);
  const take = (text: string): void => {
    const guessed = guessLog(text);
    const dirty = { shouldDirty: true };
    setValue('paste', text, dirty);
    setValue('heading', guessed.heading, dirty);
    setValue('columns', guessed.columns, dirty);
    setValue('order', guessed.order, dirty);
    setValue('unit', guessed.unit, dirty);
  };
  return (
    <div className="space-y-5">
      <ChoiceField
        name="place"
        label={roomWords.whereItWas()}
        choices={[
          { value: 'inside', label: roomWords.inTheRoom() },
          { value: 'outside', label: roomWords.outside() },
        ]}
      />
      <TextFileChoice label={roomWords.fileFromTheLogger()} onText={take} />
      <PasteField
        label={roomWords.orPasteItsLines()}
        placeholder={roomWords.timeTemperatureHumidity()}
        value={form.paste}
        onText={take}
      />
      {cells.length > 0 && (
        <>
          <ColumnMatch cells={cells} fields={LOG_FIELDS} names={LOG_FIELD_NAMES} />
          <div className="grid gap-5 sm:grid-cols-2">
            <SelectField
              name="order"
              label={roomWords.datesAre()}
              options={DATE_ORDERS.map((value) => ({ value, label: DATE_ORDER_NAMES[value] }))}
            />
            <ChoiceField
              name="unit"
              label={roomWords.temperatureIn()}
              choices={[
                { value: 'C', label: '°C' },
                { value: 'F', label: '°F' },
              ]}
            />
          </div>
          <Preview form={form} />
        </>
      )}
    </div>
  );
}
