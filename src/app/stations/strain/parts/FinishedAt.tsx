import { useState, type ReactElement } from 'react';
import type { Extraction } from '../../../../records';
import { useAppDispatch } from '../../../../store';
import { useDraftText } from '../../../forms/useDraftText';
import { readClock } from '../../../format/clock';
import { Button } from '../../../ui/Button';
import { LooseField } from '../../../ui/fields/LooseField';
import { toolsWords } from '../../../words/english/tools';
import { finishedAt } from '../lineActs';

/** The one time that a day without ticks needs: when its honey was done. */
export function FinishedAt({ extraction }: { extraction: Extraction }): ReactElement {
  const dispatch = useAppDispatch();
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
      <LooseField
        label={toolsWords.wasDoneAt()}
        inputMode="text"
        width="max-w-32"
        value={text}
        onType={type}
        wrong={wrong}
        hint={toolsWords.wasDoneHelp()}
        onEnter={() => void keep()}
        beside={
          <Button className="min-h-14" onClick={() => void keep()}>
            {toolsWords.keepThat()}
          </Button>
        }
      />
    </div>
  );
}
