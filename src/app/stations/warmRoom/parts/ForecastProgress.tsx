import type { ReactElement } from 'react';
import { FORECAST_DRAWS } from '../../../../workers/dryingClient';
import { counted } from '../../../format/counted';
import { Button } from '../../../ui/Button';
import type { RoomForecast } from '../useRoomForecast';

/** What the forecast rests on. */
function restsOn({ first }: RoomForecast): string {
  const learned = first?.learned;
  if (!learned || learned.measurements === 0) {
    return 'Nothing was measured in this room yet: the band is as wide as the doubt of the rates. A reading narrows it.';
  }
  const earlier = learned.earlier > 0 ? `, ${learned.earlier} of them of earlier batches` : '';
  return `Learned from ${counted(learned.measurements, 'measurement')}${earlier}.`;
}

function statusWords({ status, draws }: RoomForecast): string {
  switch (status) {
    case 'running':
      return `${draws.length} of ${FORECAST_DRAWS} courses`;
    case 'done':
      return `${FORECAST_DRAWS} courses.`;
    case 'given-up':
      return `Stopped after ${counted(draws.length, 'course')}; what is shown rests on those.`;
    case 'failed':
      return 'The forecast could not be reckoned with these values; look at room and batches.';
  }
}

/** How far the forecast is, and the way to stop it. */
export function ForecastProgress({ forecast }: { forecast: RoomForecast }): ReactElement {
  const running = forecast.status === 'running';
  return (
    <div className="mt-3 flex min-h-14 flex-wrap items-center gap-x-4 gap-y-2 text-base">
      {running && (
        <progress
          aria-label="Courses reckoned"
          value={forecast.progress}
          max={1}
          className="h-3 w-40 accent-lavender"
        />
      )}
      <p role="status">{statusWords(forecast)}</p>
      {running ? (
        <Button onClick={forecast.cancel}>Stop</Button>
      ) : (
        forecast.status !== 'done' && <Button onClick={forecast.again}>Forecast anew</Button>
      )}
      <p className="basis-full text-ink-soft">{restsOn(forecast)}</p>
    </div>
  );
}
