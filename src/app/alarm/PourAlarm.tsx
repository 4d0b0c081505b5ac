import { BellRing } from 'lucide-react';
import { useEffect, useRef, useState, type ReactElement, type RefObject } from 'react';
import { pourNow } from '../../model';
import { type Pour } from '../../records';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../store';
import { useNow } from '../data/useNow';
import { formatQuantity } from '../format/units';
import { Button } from '../ui/Button';
import { closePour } from '../acts/pourActs';
import { soundAlarm } from './alarmSound';
import { useOpenPours } from './usePours';
import { todayWords } from '../words/english/today';

/** So long before a pail is full the notice comes [ms], and again and again the sound. */
const AHEAD_MS = 60_000;
const SOUND_EVERY_MS = 2500;

/** So long it is quiet where it flows slower than thought [ms]. */
const LATER_MS = 60_000;

function Notice({ pour, nowMs }: { pour: Pour; nowMs: number }): ReactElement | null {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { content } = pour;
  const [quietUntil, setQuietUntil] = useState(0);
  const { fullMs } = pourNow(content, nowMs);
  const left = Math.round((fullMs - nowMs) / 1000);
  const isDue = left * 1000 <= AHEAD_MS && nowMs >= quietUntil;
  useEffect(() => {
    if (!isDue) return undefined;
    soundAlarm();
    const timer = window.setInterval(soundAlarm, SOUND_EVERY_MS);
    return () => window.clearInterval(timer);
  }, [isDue]);
  if (!isDue) return null;
  return (
    <div role="alert" className="border-b-8 border-lavender bg-ink p-4 text-linen">
      <div className="on-ink mx-auto flex max-w-7xl flex-wrap items-center gap-4">
        <BellRing aria-hidden className="size-12 shrink-0" />
        <p className="grow basis-60">
          <strong className="block text-4xl leading-tight">
            {left > 0
              ? todayWords.isFullInS({ label: content.label, left })
              : todayWords.isFull({ label: content.label })}
          </strong>
          <span className="text-xl">
            {todayWords.shutTheGateAt({
              fullKg: formatQuantity(content.fullKg, 'mass', preferences),
            })}
          </span>
        </p>
        <Button
          tone="lavender"
          className="min-h-16 px-6 text-xl"
          onClick={() => void dispatch(closePour(pour))}
        >
          {todayWords.gateIsShut()}
        </Button>
        <Button
          tone="onInk"
          className="min-h-16 px-6 text-xl"
          onClick={() => setQuietUntil(nowMs + LATER_MS)}
        >
          {todayWords.notFullYetAskAgain()}
        </Button>
      </div>
    </div>
  );
}

/** Watches pails under open gates from every page: a notice and a sound before one runs over. */
export function PourAlarm(): ReactElement | null {
  const pours = useOpenPours();
  return pours.length === 0 ? null : <Watch pours={pours} />;
}

/** Keeps the screen on while a gate is open, where the device allows it. */
function useAwake(): void {
  useEffect(() => {
    const asked = navigator.wakeLock?.request('screen').catch(() => null);
    return () => void asked?.then((lock) => lock?.release());
  }, []);
}

/** The page and whatever is laid over it begin below the alarms, so that these cover nothing. */
function usePushingDown(): RefObject<HTMLDivElement | null> {
  const alarms = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const { current } = alarms;
    if (!current) return undefined;
    const { style } = document.documentElement;
    const watch = new ResizeObserver(() =>
      style.setProperty('--alarm-height', `${current.offsetHeight}px`),
    );
    watch.observe(current);
    return () => {
      watch.disconnect();
      style.removeProperty('--alarm-height');
    };
  }, []);
  return alarms;
}

function Watch({ pours }: { pours: readonly Pour[] }): ReactElement {
  const nowMs = useNow(1000);
  useAwake();
  const alarms = usePushingDown();
  // heard and pressed beside an open sheet too, which takes the rest of the page out of reach
  return (
    <div
      ref={alarms}
      aria-live="assertive"
      className="alarms pointer-events-auto fixed inset-x-0 top-0 z-60"
    >
      {pours.map((pour) => (
        <Notice key={pour.entityId} pour={pour} nowMs={nowMs} />
      ))}
    </div>
  );
}
