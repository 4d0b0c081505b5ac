import { clockNow } from '../../../../store/clock';
import { useMemo, type ReactElement } from 'react';
import { expectedFlow, pourNow, type ExtractionFile } from '../../../../model';
import { type Pour } from '../../../../records';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { allowSound } from '../../../alarm/alarmSound';
import { closePour, markPour, openPour } from '../../../acts/pourActs';
import { useCommands } from '../../../commands/useCommands';
import { useNow } from '../../../data/useNow';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { pourEntry } from '../../../forms/line/lineForms';
import { useRecordForm } from '../../../forms/useRecordForm';
import { durationText } from '../../../format/clock';
import { formatQuantity, unitOf } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { OneMassForm } from '../../../ui/forms/OneMassForm';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { AskedDay } from '../dayQuestion';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { lineWords } from '../../../words/english/line';
import { formatTime } from '../../../format/dates';

/** Types what is in the pail. */
function ReadPail({ pour }: { pour: Pour }): ReactElement {
  const dispatch = useAppDispatch();
  const unit = unitOf('mass', useAppSelector(selectPreferences));
  const { content } = pour;
  const least = content.marks.at(-1)?.kg ?? content.startKg;
  const wrongWith = (kg: number): string => {
    if (kg >= least && kg <= content.fullKg) return '';
    return lineWords.typeWhatIsInIt({
      low: unit.fromBase(least).toFixed(1),
      high: unit.fromBase(content.fullKg).toFixed(1),
      name: unit.name,
    });
  };
  return (
    <OneMassForm
      formKey={`pour-mark:${pour.entityId}`}
      label={lineWords.inItNow({ name: unit.name })}
      button={lineWords.readIt()}
      wrongWith={wrongWith}
      onKeep={async (kg, options) =>
        kg !== null && (await dispatch(markPour(pour, kg, options))).ok
      }
    />
  );
}

function OpenPour({ pour, nowMs }: { pour: Pour; nowMs: number }): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { content } = pour;
  const { fullMs, kgNow, measured, kgPerMin } = pourNow(content, nowMs);
  const left = (fullMs - nowMs) / 60_000;
  return (
    <li className="border-l-8 border-lavender py-2 pl-4">
      <p className="text-lg font-semibold">{content.label}</p>
      <p className="text-4xl leading-tight font-bold">
        {!Number.isFinite(fullMs)
          ? lineWords.nothingFlows()
          : left <= 0
            ? lineWords.fullNow()
            : lineWords.fullIn({
                durationText: left < 1 ? `${Math.ceil(left * 60)} s` : durationText(left),
              })}
      </p>
      <p className="text-base">
        {lineWords.aboutOfInItAn({
          kgNow: formatQuantity(kgNow, 'mass', preferences),
          fullKg: formatQuantity(content.fullKg, 'mass', preferences),
          kgPerMin: formatQuantity(60 * kgPerMin, 'mass', preferences, 0),
          part: measured ? lineWords.asRead() : lineWords.estimatedReadThePailOnce(),
        })}
      </p>
      <ReadPail pour={pour} />
      <Button tone="ink" className="mt-3 min-h-14" onClick={() => void dispatch(closePour(pour))}>
        {lineWords.gateIsShutPailFull()}
      </Button>
    </li>
  );
}

function OpenGateForm({ file, asked }: { file: ExtractionFile; asked: AskedDay }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { content, entityId } = file.extraction;
  const count = file.pours.length;
  const expectedKgPerMin = expectedFlow(asked.now);
  const defaults = useMemo(
    () =>
      pourEntry.fill(
        {
          label: lineWords.pail({ count: count + 1 }),
          fullKg: content.pail.kg,
          startKg: 0,
          meshClean: count === 0,
        },
        preferences,
      ),
    [count, content.pail.kg, preferences],
  );
  const { form, frame, keep } = useRecordForm({
    formKey: `pour:${entityId}:${count}`,
    defaults,
    parse: (typed: typeof defaults) =>
      pourEntry.read(typed, preferences, {
        rest: { openedAt: clockNow().toISOString(), expectedKgPerMin, marks: [], closedAt: null },
      }),
    act: (pour, options) => openPour(pour, entityId, options),
  });
  const open = (): void => {
    allowSound();
    keep();
  };
  useCommands([{ id: 'open-gate', title: lineWords.openTheGateOnA(), key: 'g', run: open }]);
  return (
    <FormFrame {...frame} onSubmit={open} label={lineWords.aPailUnderTheGate()}>
      <Button type="submit" className="min-h-14">
        {lineWords.openTheGateOn({ watch: form.watch('label') || lineWords.aPail() })}
      </Button>
      <details className="mt-1">
        <FoldSummary>{lineWords.anotherPailPartFullOr()}</FoldSummary>
        <div className="grid gap-4 pb-2 sm:grid-cols-3">
          <Fields of={pourEntry} at={['label', 'fullKg', 'startKg']} />
        </div>
        <Field of={pourEntry} at="meshClean" />
      </details>
    </FormFrame>
  );
}

interface PourSectionProps {
  file: ExtractionFile;
  asked: AskedDay;
}

/** Pails under an open gate: when each is full, with an alarm on every page. */
export function PourSection({ file, asked }: PourSectionProps): ReactElement {
  const nowMs = useNow(1000);
  const open = file.pours.filter((pour) => pour.content.closedAt === null);
  const closed = file.pours.filter((pour) => pour.content.closedAt !== null);
  const last = closed.at(-1)?.content;
  return (
    <SheetSection id="gate" title={lineWords.pailUnderTheGate()}>
      {open.length > 0 && (
        <ul className="mb-3 space-y-3">
          {open.map((item) => (
            <OpenPour key={item.entityId} pour={item} nowMs={nowMs} />
          ))}
        </ul>
      )}
      <OpenGateForm key={file.pours.length} file={file} asked={asked} />
      <p className="mt-1 text-base">
        {lineWords.aNoticeAndASound()}
        {last?.closedAt &&
          lineWords.lastOneShut({ label: last.label, closedAt: formatTime(last.closedAt) })}
      </p>
    </SheetSection>
  );
}
