import { useId, useState, type ReactElement } from 'react';
import type { Extraction } from '../../../../records';
import { useAppDispatch } from '../../../../store';
import { useDraftText } from '../../../forms/useDraftText';
import { readClock } from '../../../format/clock';
import { Button } from '../../../ui/Button';
import { INPUT } from '../../../ui/classes';
import { toolsWords } from '../../../words/english/tools';
import { finishedAt } from '../lineActs';

/** The one time that a day without ticks needs: when its honey was done. */
export function FinishedAt({ extraction }: { extraction: Extraction }): ReactElement {
  const dispatch = useAppDispatch();
  const id = useId();
  const draft = `finished:${extraction.entityId}`;
  const { text, type, drop } = useDraftText(draft, '');
  const [wrong, setWrong] = useState('');
  const keep = async (): Promise<void> => {
    const minutes = readClock(text);
    if (minutes === null || minutes <= extraction.content.startMin)
      return setWrong(toolsWords.notATime());
    setWrong('');
    if ((await dispatch(finishedAt(extraction, minutes, { draft }))).ok) drop();
  };
  return (
    <div className="mt-4">
      <label htmlFor={id} className="text-base font-semibold">
        {toolsWords.wasDoneAt()}
      </label>
      <div className="flex flex-wrap items-start gap-3">
        <input
          id={id}
          autoComplete="off"
          className={`${INPUT} max-w-32`}
          value={text}
          onChange={(event) => type(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && void keep()}
          aria-invalid={wrong !== ''}
          aria-describedby={`${id}-help`}
        />
        <Button onClick={() => void keep()}>{toolsWords.keepThat()}</Button>
      </div>
      <p
        id={`${id}-help`}
        role={wrong === '' ? undefined : 'alert'}
        className={wrong === '' ? 'text-base' : 'text-base font-semibold'}
      >
        {wrong === '' ? toolsWords.wasDoneHelp() : wrong}
      </p>
    </div>
  );
}
