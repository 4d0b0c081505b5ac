import { useMemo, useState, type ReactElement } from 'react';
import { type LotFile, type RoomFile } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMoment } from '../../../data/useMoment';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { freshLogHeat, logHeatForm, readLogHeatForm } from '../../../forms/lots/logHeatForm';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { settlingWords } from '../../../words/english/settling';

function LogFields({ rooms }: { rooms: readonly RoomFile[] }): ReactElement {
  return (
    <div className="space-y-5">
      <Field
        of={logHeatForm}
        at="roomId"
        choices={rooms.map(({ room }) => ({ value: room.entityId, label: room.content.name }))}
      />
      <Field of={logHeatForm} at="occasion" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={logHeatForm} at={['startedAt', 'until']} />
      </div>
      <Field of={logHeatForm} at="remark" />
    </div>
  );
}

interface LogSpellProps {
  file: LotFile;
  rooms: readonly RoomFile[];
}

/** Takes a spell from what a room's logger wrote; nothing where no room has a log. */
export function LogSpell({ file, rooms }: LogSpellProps): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const moment = useMoment();
  const [open, setOpen] = useState(false);
  const logged = useMemo(
    () => rooms.filter((room) => room.logs.some((log) => log.content.place === 'inside')),
    [rooms],
  );
  const formOf = useMemo(
    () => freshLogHeat(logged, moment, preferences),
    [logged, moment, preferences],
  );
  if (logged.length === 0) return null;
  return (
    <>
      <Button onClick={() => setOpen(true)}>{settlingWords.fromALogger()}</Button>
      <EntrySheet
        open={open}
        onOpenChange={setOpen}
        kind="heat-spell"
        record={null}
        ownerId={file.lot.entityId}
        formName={settlingWords.logged()}
        what={settlingWords.theLoggedSpell()}
        title={settlingWords.warmthFromALogger()}
        description={settlingWords.hourByHourAsRecorded()}
        formOf={formOf}
        parse={(form) => readLogHeatForm(form, preferences, logged)}
      >
        <LogFields rooms={logged} />
      </EntrySheet>
    </>
  );
}
