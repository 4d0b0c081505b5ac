import type { ReactElement, ReactNode } from 'react';
import type { WorkerForecast } from '../../data/useWorkerForecast';
import { counted } from '../../format/counted';
import { Button } from '../Button';
import { ProgressBar } from './ProgressBar';

interface ForecastProgressProps {
  forecast: Pick<
    WorkerForecast<unknown, unknown>,
    'status' | 'why' | 'draws' | 'progress' | 'cancel' | 'again'
  >;
  /** what is reckoned many times over, such as “course” */
  one: string;
  total: number;
  /** what to look at where it could not be reckoned */
  lookAt: string;
  /** what the forecast rests on */
  children: ReactNode;
}

function statusWords({ forecast, one, total, lookAt }: ForecastProgressProps): string {
  const { status, draws } = forecast;
  switch (status) {
    case 'running':
      return `${draws.length} of ${total} ${one}s`;
    case 'done':
      return `${total} ${one}s.`;
    case 'given-up':
      return `Stopped after ${counted(draws.length, one)}; what is shown rests on those.`;
    case 'failed':
      return forecast.why || `No forecast can be made with these values; look at ${lookAt}.`;
  }
}

/** How far a forecast is, the way to stop it, and what it rests on. */
export function ForecastProgress(props: ForecastProgressProps): ReactElement {
  const { forecast, one, children } = props;
  const running = forecast.status === 'running';
  return (
    <div className="mt-3 flex min-h-14 flex-wrap items-center gap-x-4 gap-y-2 text-base">
      {running && <ProgressBar doing={`${one}s worked out`} share={forecast.progress} />}
      <p role="status">{statusWords(props)}</p>
      {running ? (
        <Button onClick={forecast.cancel}>Stop</Button>
      ) : (
        forecast.status !== 'done' && <Button onClick={forecast.again}>Forecast anew</Button>
      )}
      <p className="basis-full text-ink-soft">{children}</p>
    </div>
  );
}
