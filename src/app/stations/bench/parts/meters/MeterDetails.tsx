import { useMemo, type ReactElement } from 'react';
import type { Meter } from '../../../../../model';
import type { Instrument } from '../../../../../records';
import { selectPreferences, useAppSelector } from '../../../../../store';
import { useEditing } from '../../../../data/useEditing';
import { meterEntry, readMeterForm } from '../../../../forms/bench/instrumentForm';
import { SCALE_NAMES } from '../../../../format/moisture';
import { formatQuantity } from '../../../../format/units';
import { Button } from '../../../../ui/Button';
import { EntrySheet } from '../../../../ui/forms/EntrySheet';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { InstrumentFields } from './InstrumentFields';
import { commonWords } from '../../../../words/english/common';
import { meterWords } from '../../../../words/english/meter';

/** What stands on the meter, and changing it; readings keep the meter as it was then. */
export function MeterDetails({
  meter,
  readings,
}: {
  meter: Meter;
  readings: number;
}): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const editing = useEditing<Instrument>();
  const { instrument } = meter;
  const { content } = instrument;
  const { scale, resolution, range, atcRangeC, remark } = content;
  const formOf = useMemo(() => meterEntry.fill(content, preferences), [content, preferences]);
  const atc = atcRangeC
    ? meterWords.atcFromTo({
        atcRangeC: formatQuantity(atcRangeC[0], 'temperature', preferences, 0),
        atcRangeC2: formatQuantity(atcRangeC[1], 'temperature', preferences, 0),
      })
    : meterWords.noAtcEveryReadingIs();
  return (
    <SheetSection
      id="meter-details"
      title={meterWords.whatItIs()}
      aside={<Button onClick={() => editing.edit(instrument)}>{commonWords.change()}</Button>}
    >
      <p className="text-lg">
        {meterWords.fromToDivisionsOf({
          scale: SCALE_NAMES[scale],
          range: range[0],
          range2: range[1],
          resolution,
          atc,
        })}
      </p>
      <p className="text-base text-ink-soft">
        {meterWords.readingsTakenWithIt({ readings, remark })}
      </p>
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="instrument"
        record={editing.record}
        what={meterWords.theMeter()}
        title={content.name}
        description={meterWords.readingsAndChecksKeepThe()}
        formOf={formOf}
        parse={(form) => readMeterForm(form, preferences)}
      >
        <InstrumentFields />
      </EntrySheet>
    </SheetSection>
  );
}
