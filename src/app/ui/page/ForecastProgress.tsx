import type { ReactElement, ReactNode } from 'react';
import type { WorkerForecast } from '../../data/useWorkerForecast';
import { Button } from '../Button';
import { ProgressBar } from './ProgressBar';
import { commonWords } from '../../words/english/common';
import { sharedWords } from '../../words/english/shared';
import { tell } from '../../words/tell';

interface ForecastProgressProps {
  forecast: Pick<
    WorkerForecast<unknown, unknown>,
    'status' | 'why' | 'progress' | 'cancel' | 'again'
  >;
  /** what to look at where it could not be computed */
  lookAt: string;
  /** what the forecast rests on */
  children: ReactNode;
}

function statusWords({ forecast, lookAt }: ForecastProgressProps): string {
  switch (forecast.status) {
    case 'running':
      return commonWords.calculating();
    case 'done':
      return sharedWords.forecastComplete();
    case 'given-up':
      return sharedWords.stoppedEarly();
    case 'failed':
      return forecast.why ? tell(forecast.why) : sharedWords.noForecastIsPossibleWith({ lookAt });
  }
}

/** How far a forecast is, the way to stop it, and what it rests on. */
export function ForecastProgress(props: ForecastProgressProps): ReactElement {
  const { forecast, children } = props;
  const running = forecast.status === 'running';
  return (
    <div className="mt-3 flex min-h-14 flex-wrap items-center gap-x-4 gap-y-2 text-base">
      {running && <ProgressBar doing={commonWords.calculating()} share={forecast.progress} />}
      <p role="status">{statusWords(props)}</p>
      {running ? (
        <Button onClick={forecast.cancel}>{commonWords.stop()}</Button>
      ) : (
        forecast.status !== 'done' && (
          <Button onClick={forecast.again}>{sharedWords.forecastAgain()}</Button>
        )
      )}
      <p className="basis-full text-ink-soft">{children}</p>
    </div>
  );
}
