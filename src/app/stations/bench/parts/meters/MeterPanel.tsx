import { useState, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { SETTLING, type Settling } from '../../../../../core';
import type { MeterView } from '../../../../../instruments';
import type { Instrument } from '../../../../../records';
import { selectPreferences, useAppSelector } from '../../../../../store';
import { decimalText } from '../../../../format/decimal';
import { formatDial } from '../../../../format/moisture';
import { formatQuantity, unitOf } from '../../../../format/units';
import { Button } from '../../../../ui/Button';
import type { Taken } from '../../takenValue';
import { canReadSerial, useMeterWatch, type StandInChoice } from '../../useMeterWatch';
import { MeterTrace } from './MeterTrace';
import { StandInControls } from './StandInControls';
import { meterWords } from '../../../../words/english/meter';
import { tell } from '../../../../words/tell';

function settlingWords(settling: Settling): string {
  switch (settling.status) {
    case 'waiting':
      return meterWords.waitingForHoneyAndPrism({ secondsLeft: settling.secondsLeft });
    case 'settling':
      return meterWords.stillDriftingAMinuteWait({
        trendPerMinute: Math.abs(settling.trendPerMinute).toFixed(2),
      });
    case 'noisy':
      return meterWords.tooUnsteadyToUseWipe();
    case 'stuck':
      return meterWords.notADigitHasMoved();
    case 'stable':
      return meterWords.settledSteadyForSeconds({ windowS: SETTLING.windowS });
  }
}

/** The large figure: what the meter shows now, and whether it may be taken. */
function LiveFigure({ view }: { view: MeterView }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { last, settling } = view;
  const stable = settling.status === 'stable';
  if (!last) return <p className="text-2xl font-bold">{meterWords.noValueYet()}</p>;
  const dial = stable ? settling.dialValue : last.dialValue;
  return (
    <div>
      <p
        className={stable ? 'text-5xl font-extrabold' : 'text-5xl font-extrabold text-thread-deep'}
      >
        {formatDial(last.scale, dial)}
        {last.temperatureC !== null && (
          <span className="ml-3 text-2xl font-bold">
            {formatQuantity(last.temperatureC, 'temperature', preferences)}
          </span>
        )}
      </p>
      <p role="status" className="mt-1 text-lg font-semibold">
        {settlingWords(settling)}
      </p>
    </div>
  );
}

const FIRST: StandInChoice = { sample: 1, fault: 'none', pace: 1 };

interface MeterPanelProps {
  instrument: Instrument;
  onTake: (taken: Taken) => void;
}

function WatchedMeter({ instrument, onTake }: MeterPanelProps): ReactElement {
  // As it was when the panel opened: a change elsewhere must not drop the connection.
  const [meter] = useState(instrument.content);
  const preferences = useAppSelector(selectPreferences);
  const { setValue } = useFormContext();
  const [choice, setChoice] = useState<StandInChoice>(FIRST);
  const watched = useMeterWatch(meter, choice);
  if (!watched) return <p className="text-lg">{meterWords.thisMeterCannotBeReached()}</p>;
  const { watch, view } = watched;
  const { settling, state } = view;
  const live = state === 'open' || state === 'silent' || state === 'connecting';
  const take = (): void => {
    if (settling.status !== 'stable') return;
    const dial = decimalText(settling.dialValue, 4);
    setValue('dialValue', dial, { shouldDirty: true, shouldTouch: true });
    if (settling.temperatureC !== null) {
      const unit = unitOf('temperature', preferences);
      const degrees = decimalText(unit.fromBase(settling.temperatureC), 1);
      setValue('temperatureC', degrees, { shouldDirty: true });
    }
    onTake({ instrumentId: instrument.entityId, dial, settledStandard: settling.standard });
  };
  return (
    <>
      <p className="text-base">{tell(view.sentence)}</p>
      <LiveFigure view={view} />
      <MeterTrace view={view} />
      <div className="flex flex-wrap gap-3">
        {live ? (
          <Button onClick={() => watch.disconnect()}>{meterWords.disconnect()}</Button>
        ) : (
          <Button tone="ink" className="min-h-14" onClick={() => watch.connect()}>
            {meterWords.connect()}
          </Button>
        )}
        <Button
          tone="lavender"
          className="min-h-14"
          disabled={settling.status !== 'stable'}
          onClick={take}
        >
          {settling.status === 'stable'
            ? meterWords.use({ scale: formatDial(meter.scale, settling.dialValue) })
            : meterWords.useOnceItHasSettled()}
        </Button>
        {live && (
          <Button onClick={() => watch.startAnew()}>{meterWords.freshHoneyOnThePrism()}</Button>
        )}
      </div>
      {view.ignored > 0 && (
        <p className="text-base">
          {meterWords.linesWereNotUnderstoodAnd({
            ignored: view.ignored,
            lastIgnored: tell(view.lastIgnored),
          })}
        </p>
      )}
      {meter.connection === 'simulated-meter' && (
        <StandInControls choice={choice} onChoose={setChoice} />
      )}
    </>
  );
}

/** A meter that streams: live value, whether it has settled, and taking it once it has. */
export function MeterPanel(props: MeterPanelProps): ReactElement {
  const { name, connection } = props.instrument.content;
  const reachable = connection === 'simulated-meter' || canReadSerial();
  return (
    <section aria-label={name} className="space-y-3 border-2 border-ink bg-paper p-4">
      <h3 className="text-xl font-bold">{name}</h3>
      {reachable ? (
        <WatchedMeter {...props} />
      ) : (
        <p className="text-lg">{meterWords.thisBrowserCannotReadA()}</p>
      )}
    </section>
  );
}
