import { useState, type ReactElement } from 'react';
import type { DayWeather } from '../../../../../core';
import { createWeatherPort } from '../../../../../instruments';
import { isoDayOf } from '../../../../../model';
import { selectWorkspace, useAppDispatch, useAppSelector } from '../../../../../store';
import { saveWeather } from '../../../../acts/seasonActs';
import { Button } from '../../../../ui/Button';
import { whenWords } from '../../../../words/english/when';
import { WeatherDays } from './WeatherDays';

/** The stand-in weather station: what it says is shown, and kept in the demo only. */
export function SampleForecast({ today }: { today: number }): ReactElement {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const [days, setDays] = useState<readonly DayWeather[] | 'gone' | null>(null);
  const ask = async (): Promise<void> => {
    const port = createWeatherPort((path) => fetch(path));
    setDays((await port.forecast(isoDayOf(today))) ?? 'gone');
  };
  const save = async (shown: readonly DayWeather[]): Promise<void> => {
    const kept = shown.map((weather) => ({ ...weather, day: isoDayOf(weather.day) }));
    const done = await dispatch(saveWeather({ yardId: null, source: 'stand-in', days: kept }));
    if (done.ok) setDays(null);
  };
  return (
    <div className="mt-3">
      {days === 'gone' && (
        <p role="alert" className="text-lg font-semibold">
          {whenWords.stationGone()}
        </p>
      )}
      {days !== null && days !== 'gone' && (
        <div role="region" aria-label={whenWords.tryTheSample()} className="mb-3">
          <p className="mb-2 text-base">{whenWords.sampleIsMadeUp()}</p>
          <WeatherDays days={days} />
        </div>
      )}
      <span className="flex flex-wrap gap-2">
        <Button tone="quiet" className="px-0!" onClick={() => void ask()}>
          {whenWords.tryTheSample()}
        </Button>
        {workspace === 'demo' && days !== null && days !== 'gone' && (
          <Button onClick={() => void save(days)}>{whenWords.saveForecast()}</Button>
        )}
      </span>
    </div>
  );
}
