import { useEffect, useRef, type ReactElement, type ReactNode } from 'react';
import { useFormContext } from 'react-hook-form';
import { SPOTS, type SampleState, type Scale, type VesselEvidence } from '../../core';
import type { InstrumentContent } from '../../records';
import { Field } from '../entry/Field';
import { Fields } from '../entry/Fields';
import { USUAL_DIVISION, readingEntry } from '../forms/bench/readingForm';
import { SCALE_NAMES } from '../format/moisture';
import { SAMPLE_ADVICE, SPOT_NAMES } from '../words/reading';
import { AtcField } from './AtcField';
import { VesselField } from './VesselField';
import { useBook, useMeters } from '../data/useWorkspaceModel';
import { FoldSummary } from '../ui/page/FoldSummary';
import { lotWords } from '../words/english/lot';
import { momentWords } from '../words/english/moment';

/** Where a digit typed anywhere on the page lands. */
export const DIAL_INPUT_ID = 'dial';

const SCALE_UNITS: Readonly<Record<Scale, string>> = { water: '%', brix: '°Bx', nD: 'nD' };

const DIAL_EXAMPLES: Readonly<Record<Scale, string>> = {
  water: lotWords.suchAs(),
  brix: lotWords.suchAsInside(),
  nD: lotWords.suchAs3(),
};

interface ReadingFieldsProps {
  vessels: readonly VesselEvidence[];
  /** only one form on the page owns the target of stray digits */
  ownsDigits: boolean;
  /** the vessel is chosen elsewhere on the page */
  vesselElsewhere?: boolean;
  /** stands right under the dial */
  children?: ReactNode;
}

/** Scale, division, compensation and zero of a meter that is not one's own. */
function OtherMeterFields(): ReactElement {
  const { watch, setValue } = useFormContext();
  const scale = watch('scale') as Scale;
  return (
    <>
      <Field
        of={readingEntry}
        at="scale"
        onChosen={(value) =>
          setValue('resolution', USUAL_DIVISION[value as Scale], { shouldDirty: true })
        }
      />
      <Field of={readingEntry} at="zeroCheck" />
      <Field of={readingEntry} at="resolution" unit={SCALE_UNITS[scale]} />
    </>
  );
}

/** What one's own meter is, in a line. */
function meterWords({ scale, resolution, atc }: InstrumentContent): string {
  const compensation =
    atc === null
      ? lotWords.notKnownWhetherItHas()
      : atc
        ? lotWords.withAtc()
        : lotWords.withoutAtc();
  return lotWords.divisionsOf({ scale: SCALE_NAMES[scale], resolution, compensation });
}

/** Which meter; one's own brings its scale, its division and its checks. */
export function MeterFields({ atcElsewhere = false }: { atcElsewhere?: boolean }): ReactElement {
  const { watch } = useFormContext();
  const instruments = useBook().instruments ?? [];
  const own = useMeters().get(String(watch('instrumentId')))?.instrument.content;
  return (
    <>
      {instruments.length > 0 && (
        <Field
          of={readingEntry}
          at="instrumentId"
          choices={[
            ...instruments.map((instrument) => ({
              value: instrument.entityId,
              label: instrument.content.name,
            })),
            { value: '', label: lotWords.anotherMeter() },
          ]}
          hint={own ? meterWords(own) : undefined}
        />
      )}
      {!own && !atcElsewhere && <AtcField of={readingEntry} chosen={String(watch('atc'))} />}
      {!own && <OtherMeterFields />}
    </>
  );
}

/** What was said of one vessel says nothing of the next. */
function useSpotByVessel(): void {
  const { watch, getValues, setValue } = useFormContext();
  const vessel = watch('vessel') as string;
  const before = useRef(vessel);
  useEffect(() => {
    if (before.current === vessel) return;
    before.current = vessel;
    // a value that is set counts as typed
    if (getValues('spot') !== 'not-said') setValue('spot', 'not-said', { shouldDirty: true });
  }, [vessel, getValues, setValue]);
}

/** Spots and states that may be chosen; no spot is chosen beforehand. */
function SampleFields(): ReactElement {
  const { watch } = useFormContext();
  useSpotByVessel();
  const spot = watch('spot') as string;
  const sample = watch('sample') as SampleState;
  const spots = SPOTS.filter((value) => value !== 'not-said');
  return (
    <>
      <Field
        of={readingEntry}
        at="spot"
        choices={spots.map((value) => ({ value, label: SPOT_NAMES[value] }))}
        hint={spot === 'not-said' ? lotWords.ifYouLeaveThisOpen() : undefined}
      />
      <Field of={readingEntry} at="sample" hint={SAMPLE_ADVICE[sample] || undefined} />
    </>
  );
}

/** What the dial shows and how warm it is; and, of a meter that is not one's own, whether it has ATC. */
function DialFields({ ownsDigits }: Pick<ReadingFieldsProps, 'ownsDigits'>): ReactElement {
  const { watch } = useFormContext();
  const own = useMeters().get(String(watch('instrumentId')))?.instrument.content;
  const scale = own?.scale ?? (watch('scale') as Scale);
  return (
    <>
      <div className="grid gap-5 sm:grid-cols-2">
        <Field
          of={readingEntry}
          at="dialValue"
          unit={SCALE_UNITS[scale]}
          placeholder={DIAL_EXAMPLES[scale]}
          big
          {...(ownsDigits ? { inputId: DIAL_INPUT_ID } : {})}
        />
        <Field of={readingEntry} at="temperatureC" big />
      </div>
      {!own && <AtcField of={readingEntry} chosen={String(watch('atc'))} />}
    </>
  );
}

/** The dial first: value and temperature; then meter, sample and vessel. */
export function ReadingFields(props: ReadingFieldsProps): ReactElement {
  const { vessels, ownsDigits, vesselElsewhere = false, children } = props;
  return (
    <div className="space-y-5">
      <DialFields ownsDigits={ownsDigits} />
      {children}
      <div className="grid gap-5 sm:grid-cols-2">
        <SampleFields />
        <MeterFields atcElsewhere />
        {!vesselElsewhere && <VesselField of={readingEntry} vessels={vessels} />}
        <Fields of={readingEntry} at={['honeyTemperatureC', 'remark']} />
      </div>
    </div>
  );
}

/** The dial alone, for honey of no lot; the meter remembers the rest, and it can be unfolded. */
export function QuickReadingFields(): ReactElement {
  const { watch } = useFormContext();
  const sample = watch('sample') as SampleState;
  return (
    <div className="space-y-5">
      <DialFields ownsDigits />
      <details>
        <FoldSummary>{momentWords.meterAndSample()}</FoldSummary>
        <div className="grid gap-5 pb-2 sm:grid-cols-2">
          <MeterFields atcElsewhere />
          <Field of={readingEntry} at="sample" hint={SAMPLE_ADVICE[sample] || undefined} />
          <Field of={readingEntry} at="honeyTemperatureC" />
        </div>
      </details>
    </div>
  );
}
