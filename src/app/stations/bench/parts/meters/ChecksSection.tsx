import { useMemo, type ReactElement } from 'react';
import { offsetSteps } from '../../../../../core';
import { type Meter } from '../../../../../model';
import { type ZeroCheckRecord } from '../../../../../records';
import { selectPreferences, useAppSelector } from '../../../../../store';
import { useEditing } from '../../../../data/useEditing';
import { readZeroCheckForm, zeroCheckEntry } from '../../../../forms/bench/zeroCheckForm';
import { formatMoment } from '../../../../format/dates';
import { formatDial } from '../../../../format/moisture';
import { formatQuantity } from '../../../../format/units';
import { Button } from '../../../../ui/Button';
import { CorrectSheet } from '../../../../ui/forms/CorrectSheet';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { REFERENCE_NAMES, ZeroCheckFields } from './ZeroCheckFields';
import { commonWords } from '../../../../words/english/common';
import { meterWords } from '../../../../words/english/meter';
import { CheckEntry } from './CheckEntry';

interface CheckRowProps {
  check: ZeroCheckRecord;
  meter: Meter;
  onCorrect: () => void;
}

function CheckRow({ check, meter, onCorrect }: CheckRowProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { content } = check;
  const point = meter.points.find((zeroPoint) => zeroPoint.id === check.id);
  const step = offsetSteps(meter.points).find((offsetStep) => offsetStep.laterId === check.id);
  const offset = point?.offsetPercent ?? 0;
  const size =
    Math.abs(offset) < 0.05
      ? meterWords.rightInside()
      : meterWords.too({
          offset: Math.abs(offset).toFixed(1),
          part: offset > 0 ? meterWords.wet() : meterWords.dry(),
        });
  const dials = content.dialValues
    .map((dialValue) => formatDial(content.scale, dialValue))
    .join(', ');
  return (
    <li className="flex flex-wrap items-start gap-x-4 py-2">
      <div className="grow basis-64">
        <p className="text-lg font-bold">
          {formatMoment(content.takenAt)}: {size} ± {(2 * (point?.standardPercent ?? 0)).toFixed(1)}
        </p>
        <p className="text-base text-ink-soft">
          {meterWords.atReferenceTemperaturecDialsPart({
            reference: REFERENCE_NAMES[content.reference],
            temperatureC: formatQuantity(content.temperatureC, 'temperature', preferences),
            dials,
            part: content.adjusted ? meterWords.setRightAfterwards2() : '',
            part2: content.who === '' ? '' : ` · ${content.who}`,
            part3: content.remark === '' ? '' : ` · ${content.remark}`,
          })}
        </p>
        {step?.jump && (
          <p className="border-l-8 border-ink pl-2 text-base font-semibold">
            {meterWords.aJumpOfPointsSince({
              stepPercent: Math.abs(step.stepPercent).toFixed(1),
              allowancePercent: step.allowancePercent.toFixed(1),
            })}
          </p>
        )}
      </div>
      <Button tone="quiet" onClick={onCorrect}>
        {commonWords.correct()}
        <span className="sr-only">
          {' '}
          {meterWords.theCheckOf({ takenAt: formatMoment(content.takenAt) })}
        </span>
      </Button>
    </li>
  );
}

/** Checking the zero now, and all checks so far. */
export function ChecksSection({ meter }: { meter: Meter }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const editing = useEditing<ZeroCheckRecord>();
  const { record } = editing;
  const formOf = useMemo(
    () => record && zeroCheckEntry.fill(record.content, preferences),
    [record, preferences],
  );
  return (
    <SheetSection id="checks" title={meterWords.checkTheZero()}>
      <CheckEntry key={meter.instrument.entityId} meter={meter} />
      <h3 className="mt-8 text-xl font-bold">
        {meterWords.checksSoFar({ checks: meter.checks.length })}
      </h3>
      <ul className="divide-y divide-thread">
        {[...meter.checks].reverse().map((check) => (
          <CheckRow
            key={check.id}
            check={check}
            meter={meter}
            onCorrect={() => editing.edit(check)}
          />
        ))}
      </ul>
      {record && formOf && (
        <CorrectSheet
          open={editing.open}
          onOpenChange={editing.onOpenChange}
          record={record}
          what={meterWords.thisCheck()}
          formOf={formOf}
          parse={(form) =>
            readZeroCheckForm(form, {
              preferences,
              meter: meter.instrument.content,
              takenAt: record.content.takenAt,
              former: record.content,
            })
          }
        >
          <ZeroCheckFields meter={meter.instrument.content} />
        </CorrectSheet>
      )}
    </SheetSection>
  );
}
