import { useMemo, type ReactElement } from 'react';
import type { Meter } from '../../../../../model';
import type { Instrument } from '../../../../../records';
import { selectPreferences, useAppSelector } from '../../../../../store';
import { useEditing } from '../../../../data/useEditing';
import { meterEntry, readMeterForm } from '../../../../forms/bench/instrumentForm';
import { counted } from '../../../../format/counted';
import { SCALE_NAMES } from '../../../../format/moisture';
import { formatQuantity } from '../../../../format/units';
import { Button } from '../../../../ui/Button';
import { EntrySheet } from '../../../../ui/forms/EntrySheet';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { InstrumentFields } from './InstrumentFields';

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
    ? `ATC from ${formatQuantity(atcRangeC[0], 'temperature', preferences, 0)} to ${formatQuantity(atcRangeC[1], 'temperature', preferences, 0)}`
    : 'no ATC: every reading is corrected for temperature';
  return (
    <SheetSection
      id="meter-details"
      title="What it is"
      aside={<Button onClick={() => editing.edit(instrument)}>Change</Button>}
    >
      <p className="text-lg">
        {SCALE_NAMES[scale]} from {range[0]} to {range[1]}, divisions of {resolution}; {atc}.
      </p>
      <p className="text-base text-ink-soft">
        {counted(readings, 'reading')} taken with it. {remark}
      </p>
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="instrument"
        record={editing.record}
        what="the meter"
        title={content.name}
        description="Readings and checks keep the meter as it was when they were taken."
        formOf={formOf}
        parse={(form) => readMeterForm(form, preferences)}
      >
        <InstrumentFields />
      </EntrySheet>
    </SheetSection>
  );
}
