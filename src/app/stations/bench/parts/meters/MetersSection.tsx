import { useMemo, type ReactElement } from 'react';
import { Link } from 'react-router';
import { offsetSteps } from '../../../../../core';
import type { Book, Ledger } from '../../../../../model';
import type { Instrument } from '../../../../../records';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../../../store';
import { useEditing } from '../../../../data/useEditing';
import { useMoment } from '../../../../data/useMoment';
import { freshMeter, readMeterForm } from '../../../../forms/bench/instrumentForm';
import { Button } from '../../../../ui/Button';
import { EntrySheet } from '../../../../ui/forms/EntrySheet';
import { LongList } from '../../../../ui/page/LongList';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { dueOf, dueWords, readingsOfMeter, zeroWords } from '../../../../words/meterState';
import { InstrumentFields } from './InstrumentFields';
import { meterWords } from '../../../../words/english/meter';

interface MeterLineProps {
  instrument: Instrument;
  ledger: Ledger;
}

/** A meter with what it is off by and when to check it. */
function MeterLine({ instrument, ledger }: MeterLineProps): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  const now = useMoment();
  const meter = ledger.meters.get(instrument.entityId);
  if (!meter) return null;
  const readings = readingsOfMeter(ledger.files, instrument.entityId);
  const due = dueOf(meter, readings, now);
  const jumps = offsetSteps(meter.points).filter((offsetStep) => offsetStep.jump).length;
  return (
    <li>
      <Link
        to={`/${workspace}/bench/meters/${instrument.entityId}`}
        className="block min-h-14 py-3 hover:bg-lavender-pale"
      >
        <span className="block text-xl font-bold">{instrument.content.name}</span>
        <span className="block text-lg">{zeroWords(meter, now)}</span>
        <span className={due.due ? 'block text-base font-bold' : 'block text-base text-ink-soft'}>
          {dueWords(due)}
          {jumps > 0 &&
            meterWords.itsZeroJumpedInIts({
              part: jumps === 1 ? meterWords.once() : meterWords.times({ jumps }),
            })}
        </span>
      </Link>
    </li>
  );
}

/** The keeper's meters. */
export function MetersSection({ book, ledger }: { book: Book; ledger: Ledger }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const editing = useEditing<Instrument>();
  const formOf = useMemo(() => freshMeter(preferences), [preferences]);
  return (
    <SheetSection
      id="meters"
      title={meterWords.meters()}
      aside={<Button onClick={() => editing.add()}>{meterWords.addAMeter()}</Button>}
    >
      {book.instruments.length === 0 ? (
        <p className="text-lg">{meterWords.noneYetAddYoursAnd()}</p>
      ) : (
        <LongList
          items={book.instruments}
          find={meterWords.findAMeter()}
          textsOf={({ content }) => [content.name]}
        >
          {(shown) => (
            <ul className="divide-y divide-thread">
              {shown.map((instrument) => (
                <MeterLine key={instrument.entityId} instrument={instrument} ledger={ledger} />
              ))}
            </ul>
          )}
        </LongList>
      )}
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="instrument"
        record={null}
        what={meterWords.theMeter()}
        title={meterWords.aMeterOfYours()}
        description={meterWords.whatIsPrintedOnIt()}
        formOf={formOf}
        parse={(form) => readMeterForm(form, preferences)}
      >
        <InstrumentFields />
      </EntrySheet>
    </SheetSection>
  );
}
