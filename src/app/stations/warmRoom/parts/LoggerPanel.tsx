import { saveHeard } from '../airActs';
import type { ReactElement } from 'react';
import {
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { useLogger, type LoggerView } from '../useLogger';
import { roomWords } from '../../../words/english/room';

const STATES: Readonly<Record<LoggerView['state'], string>> = {
  off: '',
  connecting: roomWords.connecting(),
  open: roomWords.connectedItsClockRunsFast(),
  lost: roomWords.theLoggerIsGoneWhat(),
  closed: roomWords.disconnected(),
};

/** The stand-in logger: hear it, and in the demo keep what was heard. */
export function LoggerPanel({ roomId }: { roomId: string }): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const logger = useLogger();
  const last = logger.entries[logger.entries.length - 1];
  const running = logger.state === 'open' || logger.state === 'connecting';
  const keep = async (): Promise<void> => {
    logger.stop();
    await dispatch(saveHeard(logger.entries, roomId));
  };
  return (
    <div
      className="mt-3 border-l-8 border-thread pl-4"
      role="group"
      aria-label={roomWords.sampleLoggerData()}
    >
      {last && (
        <p className="text-2xl font-bold">
          {formatQuantity(last.temperatureC, 'temperature', preferences)},{' '}
          {(100 * last.relativeHumidity).toFixed(0)} %
        </p>
      )}
      <p role="status" className="text-base empty:hidden">
        {STATES[logger.state]}
        {logger.entries.length > 0 && ` ${roomWords.entries({ entries: logger.entries.length })}.`}
      </p>
      <span className="flex flex-wrap gap-2">
        <Button onClick={running ? logger.stop : logger.start}>
          {running ? roomWords.disconnect() : roomWords.tryWithSampleLoggerData()}
        </Button>
        {workspace === 'demo' && logger.entries.length > 1 && (
          <Button onClick={() => void keep()}>{roomWords.saveThisData()}</Button>
        )}
      </span>
      {workspace === 'mine' && logger.state !== 'off' && (
        <p className="text-base">{roomWords.madeUpDataItSays()}</p>
      )}
    </div>
  );
}
