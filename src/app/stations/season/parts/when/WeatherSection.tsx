import type { ReactElement } from 'react';
import type { SeasonBoard } from '../../../../../model';
import { Button } from '../../../../ui/Button';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { whenWords } from '../../../../words/english/when';
import { SampleForecast } from './SampleForecast';
import { WeatherDays } from './WeatherDays';

interface WeatherSectionProps {
  board: SeasonBoard;
  onAdd: () => void;
}

/** Weather to come, and the ways to bring it in. */
export function WeatherSection({ board, onAdd }: WeatherSectionProps): ReactElement {
  const ahead = board.forecasts
    .map(({ yard, days }) => ({ yard, days: days.filter(({ day }) => day >= board.today) }))
    .filter(({ days }) => days.length > 0);
  return (
    <SheetSection
      id="weather"
      title={whenWords.weather()}
      aside={<Button onClick={onAdd}>{whenWords.addAForecast()}</Button>}
    >
      {ahead.length === 0 && <p className="max-w-3xl text-lg">{whenWords.noWeather()}</p>}
      <div className="space-y-4">
        {ahead.map(({ yard, days }) => (
          <div key={yard?.entityId ?? ''}>
            {yard && <p className="text-lg font-bold">{yard.content.name}</p>}
            <WeatherDays days={days} />
          </div>
        ))}
      </div>
      <SampleForecast today={board.today} />
    </SheetSection>
  );
}
