import { useMemo, type ReactElement } from 'react';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMoment } from '../../../data/useMoment';
import { Field } from '../../../entry/Field';
import { airNowEntry } from '../../../forms/room/airNowForm';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { roomWords } from '../../../words/english/room';

interface AirNowSheetProps {
  open: boolean;
  roomId: string;
  onClose: () => void;
}

/** One look at thermometer and hygrometer, written down. */
export function AirNowSheet({ open, roomId, onClose }: AirNowSheetProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  const formOf = useMemo(
    () => airNowEntry.fill({ startedAt: now }, preferences),
    [now, preferences],
  );
  return (
    <EntrySheet
      open={open}
      onOpenChange={(next) => !next && onClose()}
      kind="air-log"
      record={null}
      ownerId={roomId}
      what={roomWords.theAir()}
      title={roomWords.airAsItIsNow()}
      description={roomWords.fromAThermometerAndHygrometer()}
      formOf={formOf}
      parse={(form) =>
        airNowEntry.read(form, preferences, {
          rest: { source: 'typed', minutes: [0], remark: '' },
        })
      }
    >
      <div className="space-y-5">
        <Field of={airNowEntry} at="place" />
        <div className="grid gap-5 sm:grid-cols-2">
          <Field of={airNowEntry} at="temperatureC" big />
          <Field of={airNowEntry} at="relativeHumidity" big />
        </div>
        <Field of={airNowEntry} at="startedAt" />
      </div>
    </EntrySheet>
  );
}
