import { useRecordForm } from '../../../forms/useRecordForm';
import { saveLog } from '../airActs';
import { type ReactElement } from 'react';
import { type AirLogContent } from '../../../../records';
import type { Parsed } from '../../../entry/reader';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { Sheet } from '../../../ui/forms/Sheet';
import { FRESH_LOG, readLog, type LogForm } from '../logTable';
import { roomWords } from '../../../words/english/room';
import { LogFields } from './LogFields';

function parseLog(form: LogForm): Parsed<readonly AirLogContent[]> {
  const { parts } = readLog(form);
  if (parts.length > 0) return { ok: true, content: parts };
  const sentence =
    form.paste.trim() === '' ? roomWords.chooseAFileOrPaste() : roomWords.noLineCanBeRead();
  return { ok: false, errors: { paste: { sentence } } };
}

function LogEntry({ roomId, onDone }: { roomId: string; onDone: () => void }): ReactElement {
  const { frame, parsed, keep } = useRecordForm({
    formKey: `log:${roomId}`,
    defaults: FRESH_LOG,
    parse: parseLog,
    act: (parts, options) => saveLog(parts, roomId, options),
    onKept: onDone,
  });
  return (
    <FormFrame {...frame} onSubmit={keep} label={roomWords.logOfTheAir()}>
      <div className="space-y-5">
        <LogFields />
        <Button type="submit" tone="ink" className="min-h-14" disabled={!parsed.ok}>
          {roomWords.saveTheLog()}
        </Button>
      </div>
    </FormFrame>
  );
}

interface LogSheetProps {
  open: boolean;
  roomId: string;
  onClose: () => void;
}

/** A logger's file: columns matched, every trouble reported before it is kept. */
export function LogSheet({ open, roomId, onClose }: LogSheetProps): ReactElement {
  return (
    <Sheet
      open={open}
      onOpenChange={(now) => !now && onClose()}
      title={roomWords.logOfTheAir()}
      description={roomWords.temperatureAndHumidityOverTime()}
    >
      <LogEntry roomId={roomId} onDone={onClose} />
    </Sheet>
  );
}
