import { useRecordForm } from '../../../../forms/useRecordForm';
import { saveZeroCheck } from '../../benchActs';
import { type ReactElement } from 'react';
import { zeroOffset } from '../../../../../core';
import { type Meter } from '../../../../../model';
import { referenceOf, type ZeroCheckContent } from '../../../../../records';
import { selectPreferences, useAppSelector } from '../../../../../store';
import { useMoment } from '../../../../data/useMoment';
import {
  freshZeroCheck,
  readZeroCheckForm,
  type ZeroCheckForm,
} from '../../../../forms/bench/zeroCheckForm';
import { formatDial } from '../../../../format/moisture';
import { Button } from '../../../../ui/Button';
import { FormFrame } from '../../../../ui/forms/FormFrame';
import { ZeroCheckFields } from './ZeroCheckFields';
import { meterWords } from '../../../../words/english/meter';

/** What the check being typed finds, as soon as it can be read. */
function Found({ content }: { content: ZeroCheckContent | null }): ReactElement | null {
  if (!content) return null;
  const { dialValues, temperatureC, scale } = content;
  const found = zeroOffset({ reference: referenceOf(content), dialValues, temperatureC }, content);
  const size = Math.abs(found.offsetPercent);
  const side = found.offsetPercent > 0 ? meterWords.tooWet() : meterWords.tooDry();
  return (
    <div role="status" className="border-l-4 border-lavender bg-lavender-pale px-4 py-3">
      <p className="text-3xl font-bold">
        {size < 0.05 ? meterWords.right() : `${size.toFixed(1)} ${side}`}
        <span className="text-xl">
          {' '}
          {meterWords.points({ standardPercent: (2 * found.standardPercent).toFixed(1) })}
        </span>
      </p>
      <p className="text-lg">
        {meterWords.atThisTemperatureTheDial()}{' '}
        <strong>
          {found.expectedDial === null
            ? meterWords.moreThanItCan()
            : formatDial(scale, found.expectedDial)}
        </strong>
        .
      </p>
      {found.rough && <p className="text-base font-semibold">{meterWords.oliveOilIsARough()}</p>}
    </div>
  );
}

/** Checking the zero of a meter now. */
export function CheckEntry({ meter }: { meter: Meter }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const takenAt = useMoment();
  const { content, entityId } = meter.instrument;
  const context = { preferences, meter: content, takenAt };
  const { parsed, frame, keep } = useRecordForm({
    formKey: `zero-check:${entityId}`,
    defaults: freshZeroCheck(content, meter.checks.at(-1)?.content, preferences),
    parse: (typed: ZeroCheckForm) => readZeroCheckForm(typed, context),
    act: (check, options) => saveZeroCheck(check, entityId, options),
    next: (check) => freshZeroCheck(content, check, preferences),
  });
  return (
    <FormFrame {...frame} onSubmit={keep} label={meterWords.checkTheZero()}>
      <div className="space-y-5">
        <ZeroCheckFields meter={content} />
        <Found content={parsed.ok ? parsed.content : null} />
        <Button type="submit" tone="ink" className="min-h-14">
          {meterWords.saveThisCheck()}
        </Button>
      </div>
    </FormFrame>
  );
}
