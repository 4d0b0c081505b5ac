import { removeLog } from '../airActs';
import { Suspense, useMemo, useState, type ReactElement } from 'react';
import {
  DAY_MS,
  logGaps,
  logSpikes,
  type DayWeather,
  type ForecastDraw,
  type RoomOutlook,
} from '../../../../core';
import { dayNumber, isoDayOf, seriesOf, type RoomFile } from '../../../../model';
import { type AirLog } from '../../../../records';
import { useAppDispatch } from '../../../../store';
import { formatDay, formatMoment, isoDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { PageLink } from '../../../ui/page/PageLink';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Waiting } from '../../../ui/page/Waiting';
import { gapWords, spikeWords } from '../logWords';
import { AirNowSheet } from './AirNowSheet';
import { LogSheet } from './LogSheet';
import { LoggerPanel } from './LoggerPanel';
import { RainPart } from './RainPart';
import { lazyPart } from '../../../ui/page/lazyPart';
import { commonWords } from '../../../words/english/common';
import { roomWords } from '../../../words/english/room';

const AirChart = lazyPart(
  () => import('./AirChart'),
  (module) => module.AirChart,
);

const SOURCE_NAMES: Readonly<Record<AirLog['content']['source'], string>> = {
  typed: roomWords.enteredByHand(),
  file: roomWords.fromAFile(),
  'stand-in': roomWords.sampleData(),
};

/** A log with what stands out in it, and the way to take it back. */
function LogRow({ log }: { log: AirLog }): ReactElement {
  const dispatch = useAppDispatch();
  const { content } = log;
  const zeroMs = Date.parse(content.startedAt);
  const series = useMemo(() => seriesOf([log], content.place, zeroMs), [log, content, zeroMs]);
  const gaps = logGaps(series);
  const spikes = logSpikes(series);
  const last = content.minutes[content.minutes.length - 1] ?? 0;
  const remove = () => dispatch(removeLog(log));
  return (
    <li className="flex flex-wrap items-start gap-x-4 py-2">
      <div className="grow basis-64 text-base">
        <p className="text-lg font-semibold">
          {content.place === 'inside' ? roomWords.inTheRoom() : roomWords.outside()}:{' '}
          {roomWords.entries2({ minutes: content.minutes.length })}
        </p>
        <p>
          {formatMoment(content.startedAt)}
          {last > 0 &&
            roomWords.toValue({
              value: formatMoment(new Date(zeroMs + last * 60_000).toISOString()),
            })}
          , {SOURCE_NAMES[content.source]}
        </p>
        {gaps.map((gap) => (
          <p key={gap.fromDay}>{gapWords(gap, zeroMs)}</p>
        ))}
        {spikes.length > 0 && <p>{spikeWords(spikes, zeroMs)}</p>}
      </div>
      <Button tone="quiet" onClick={() => void remove()}>
        {commonWords.remove()}
        <span className="sr-only">
          {' '}
          {roomWords.theLogOf({ startedAt: formatMoment(content.startedAt) })}
        </span>
      </Button>
    </li>
  );
}

interface AirSectionProps {
  file: RoomFile;
  outlook: RoomOutlook | null;
  draws: readonly ForecastDraw[];
  /** midnight from which the outlook counts its days [ms] */
  zeroMs: number;
  nowMs: number;
  /** outside by day, as it was typed */
  weather: readonly DayWeather[];
}

/** The air of the room: chart, logs, and the ways in for more. */
export function AirSection(props: AirSectionProps): ReactElement {
  const { file, outlook, draws, zeroMs, nowMs, weather } = props;
  const ahead = weather.filter(({ day }) => day >= dayNumber(isoDay(new Date(nowMs))));
  const [open, setOpen] = useState<'log' | 'now' | null>(null);
  const log = useMemo(() => seriesOf(file.logs, 'inside', zeroMs), [file, zeroMs]);
  const close = (): void => setOpen(null);
  return (
    <SheetSection
      id="air"
      title={roomWords.airOfTheRoom()}
      aside={
        <span className="flex flex-wrap gap-2">
          <Button onClick={() => setOpen('now')}>{roomWords.enterByHand()}</Button>
          <Button onClick={() => setOpen('log')}>{roomWords.loggerFile()}</Button>
        </span>
      }
    >
      {(log.days.length > 1 || outlook) && (
        <Suspense fallback={<Waiting />}>
          <AirChart
            log={log}
            outlook={outlook}
            draws={draws}
            stopsAt={file.room.content.machine?.stopsAtHumidity ?? null}
            nowDay={(nowMs - zeroMs) / DAY_MS}
            zeroMs={zeroMs}
          />
          <p className="mt-1 text-base text-ink-soft">{roomWords.dashedForecastShadedAreaOf()}</p>
        </Suspense>
      )}
      {file.logs.length === 0 ? (
        <p className="text-lg">{roomWords.nothingMeasuredYetTheForecast()}</p>
      ) : (
        <ul className="mt-2 divide-y divide-thread">
          {file.logs.map((item) => (
            <LogRow key={item.entityId} log={item} />
          ))}
        </ul>
      )}
      {ahead.length > 0 ? (
        <p className="mt-2 text-base">
          {roomWords.outsideByForecast({
            from: formatDay(isoDayOf(ahead[0]?.day ?? 0)),
            to: formatDay(isoDayOf(ahead.at(-1)?.day ?? 0)),
          })}
        </p>
      ) : (
        <PageLink to="season/when">{roomWords.typeAForecast()}</PageLink>
      )}
      <RainPart room={file.room} />
      <LoggerPanel roomId={file.room.entityId} />
      <LogSheet open={open === 'log'} roomId={file.room.entityId} onClose={close} />
      <AirNowSheet open={open === 'now'} roomId={file.room.entityId} onClose={close} />
    </SheetSection>
  );
}
