import { Slider } from 'radix-ui';
import { useEffect, useRef, useState, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { STAND_IN_SAMPLES, eyepieceView, standInEyepiece } from '../../../../../core';
import { createHandPort, type HandSession } from '../../../../../instruments';
import type { InstrumentContent } from '../../../../../records';
import { selectPreferences, useAppSelector } from '../../../../../store';
import { decimalText } from '../../../../format/decimal';
import { formatQuantity, unitOf } from '../../../../format/units';
import { focusDial } from '../../../../lot/ReadingEntry';
import { Button } from '../../../../ui/Button';
import { EyepieceField, windowAround } from '../../../../ui/eyepiece/EyepieceField';
import { meterWords } from '../../../../words/english/meter';

/** How far the ring is off when honey is put on, and where it is sharp [0..1]. */
const START_RING = 0.15;
const SHARP_RING = 0.62;

/** A film that was only dropped on, and one that was spread. */
const DROPPED = 0.9;
const SPREAD = 0.05;

/** Blur of the picture when the ring is as far off as it goes [px]. */
const MOST_BLUR = 9;

interface KnobProps {
  label: string;
  value: number;
  range: readonly [number, number];
  step: number;
  onChange: (value: number) => void;
}

/** Something to turn or to push, with a thumb or with the arrow keys. */
function Knob({ label, value, range, step, onChange }: KnobProps): ReactElement {
  return (
    <Slider.Root
      value={[value]}
      min={range[0]}
      max={range[1]}
      step={step}
      onValueChange={([next = value]) => onChange(next)}
      className="relative flex h-14 w-full touch-none items-center"
    >
      <Slider.Track className="h-2 grow bg-ink">
        <Slider.Range className="block h-2 bg-lavender" />
      </Slider.Track>
      <Slider.Thumb aria-label={label} className="block h-12 w-8 border-4 border-ink bg-paper" />
    </Slider.Root>
  );
}

/** A session of the port for meters that a person reads; what is entered lands in the form. */
function useHandSession(onDial: (dial: string) => void): () => HandSession | null {
  const session = useRef<HandSession | null>(null);
  const listener = useRef(onDial);
  useEffect(() => {
    listener.current = onDial;
  });
  useEffect(() => {
    const opened = createHandPort().open((event) => {
      if (event.type === 'sample') listener.current(decimalText(event.sample.dialValue, 4));
    });
    session.current = opened;
    return () => opened.close();
  }, []);
  return () => session.current;
}

/** What the stand-in says after the reading was taken: how far off it was. */
function Truth({ percent }: { percent: number }): ReactElement {
  const [shown, setShown] = useState(false);
  return shown ? (
    <p role="status" className="text-lg font-semibold">
      {meterWords.itWasWater({ percent: percent.toFixed(2) })}
    </p>
  ) : (
    <Button tone="quiet" onClick={() => setShown(true)}>
      {meterWords.whatWasItReally()}
    </Button>
  );
}

/** The stand-in eyepiece: put honey on, spread it, turn the ring, read the line, type it. */
export function EyepiecePanel({ meter }: { meter: InstrumentContent }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { setValue } = useFormContext();
  const [sample, setSample] = useState(1);
  const [ring, setRing] = useState(START_RING);
  const [unevenness, setUnevenness] = useState(DROPPED);
  const focusOff = Math.min(1, Math.abs(ring - SHARP_RING) / SHARP_RING);
  const { scale, atc } = meter;
  const honey = standInEyepiece(sample, { scale, atc: atc === true, focusOff, unevenness });
  const view = eyepieceView(honey);
  const seen = windowAround(scale, view.borderDial);
  const [hair, setHair] = useState<number | null>(null);
  const session = useHandSession((dial) => setValue('dialValue', dial, { shouldDirty: true }));
  const takeHairline = (): void => {
    if (hair === null) return;
    const { temperatureC } = honey;
    session()?.enter({ scale, dialValue: hair, temperatureC, atS: 0 });
    noteTemperature();
  };
  const fresh = (): void => {
    setSample(sample >= STAND_IN_SAMPLES[1] ? STAND_IN_SAMPLES[0] : sample + 1);
    setUnevenness(DROPPED);
    setRing(START_RING);
    setHair(null);
  };
  const noteTemperature = (): void => {
    const text = decimalText(unitOf('temperature', preferences).fromBase(honey.temperatureC), 1);
    setValue('temperatureC', text, { shouldDirty: true });
    focusDial();
  };
  return (
    <section aria-label={meterWords.standInEyepiece()} className="border-2 border-ink bg-paper p-4">
      <div className="grid items-center gap-5 sm:grid-cols-[minmax(0,1fr)_minmax(0,15rem)]">
        <EyepieceField
          scale={scale}
          view={view}
          blurPx={focusOff * MOST_BLUR}
          hair={hair ?? seen.low}
        />
        <div className="space-y-3">
          <p className="text-lg font-bold">{meterWords.honeyOfTheStandIn({ sample })}</p>
          <p className="text-base">{meterWords.aMadeUpHoneyUnder()}</p>
          <div>
            <p className="text-base font-semibold">{meterWords.focusRing()}</p>
            <Knob
              label={meterWords.focusRing()}
              value={ring}
              range={[0, 1]}
              step={0.01}
              onChange={setRing}
            />
          </div>
          <div>
            <p className="text-base font-semibold">{meterWords.hairlineIfYouLike()}</p>
            <Knob
              label={meterWords.hairline()}
              value={hair ?? seen.low}
              range={[seen.low, seen.high]}
              step={meter.resolution / 2}
              onChange={setHair}
            />
            <Button disabled={hair === null} onClick={takeHairline}>
              {meterWords.useTheHairlinesValue()}
            </Button>
          </div>
          <Button onClick={() => setUnevenness(SPREAD)} disabled={unevenness === SPREAD}>
            {meterWords.pressTheLidToSpread()}
          </Button>
          <Button onClick={noteTemperature}>
            {meterWords.noteOfThePrism({
              temperatureC: formatQuantity(honey.temperatureC, 'temperature', preferences),
            })}
          </Button>
          <Button onClick={fresh}>{meterWords.wipeNextHoney()}</Button>
          <Truth key={sample} percent={honey.moisturePercent} />
        </div>
      </div>
    </section>
  );
}
