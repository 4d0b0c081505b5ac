import type { ReactElement, ReactNode } from 'react';
import type { WorkerForecast } from '../../data/useWorkerForecast';
import { counted } from '../../format/counted';
import { Button } from '../Button';
import { ProgressBar } from './ProgressBar';
import { commonWords } from '../../words/english/common';
import { sharedWords } from '../../words/english/shared';
import { tell } from '../../words/tell';

interface ForecastProgressProps {
  forecast: Pick<
    WorkerForecast<unknown, unknown>,
    'status' | 'why' | 'draws' | 'progress' | 'cancel' | 'again'
  >;
  /** what is computed many times over, such as “course” */
  one: string;
  total: number;
  /** what to look at where it could not be computed */
  lookAt: string;
  /** what the forecast rests on */
  children: ReactNode;
}

function statusWords({ forecast, one, total, lookAt }: ForecastProgressProps): string {
  const { status, draws } = forecast;
  switch (status) {
    case 'running':
      return sharedWords.ofS({ draws: draws.length, total, one });
    case 'done':
      return `${total} ${one}s.`;
    case 'given-up':
      return sharedWords.stoppedAfterWhatIsShown({ counted: counted(draws.length, one) });
    case 'failed':
      return forecast.why ? tell(forecast.why) : sharedWords.noForecastIsPossibleWith({ lookAt });
  }
}

/** How far a forecast is, the way to stop it, and what it rests on. */
export function ForecastProgress(props: ForecastProgressProps): ReactElement {
  const { forecast, one, children } = props;
  const running = forecast.status === 'running';
  return (
    <div className="mt-3 flex min-h-14 flex-wrap items-center gap-x-4 gap-y-2 text-base">
      {running && <ProgressBar doing={sharedWords.sWorkedOut({ one })} share={forecast.progress} />}
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
