import { useMemo, type ReactElement } from 'react';
import { airLogContentSchema, type AirLogContent, type Preferences } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMoment } from '../../../data/useMeters';
import { FormReader, type Parsed } from '../../../forms/parsed';
import { localText, momentOfLocal } from '../../../format/localMoment';
import { unitOf } from '../../../format/units';
import { ChoiceField } from '../../../ui/ChoiceField';
import { EntrySheet } from '../../../ui/EntrySheet';
import { TextField } from '../../../ui/TextField';

interface AirNowForm {
  place: AirLogContent['place'];
  temperature: string;
  humidity: string;
  at: string;
}

const FIELDS: Readonly<Record<string, string>> = {
  'temperatureC.0': 'temperature',
  'relativeHumidity.0': 'humidity',
};

function readAirNow(form: AirNowForm, preferences: Preferences): Parsed<AirLogContent> {
  const reader = new FormReader(preferences);
  const at = momentOfLocal(form.at);
  if (at === null) reader.fail('at', 'Choose a day and a time.');
  const candidate = {
    place: form.place,
    source: 'typed',
    startedAt: at ?? '',
    minutes: [0],
    temperatureC: [reader.quantity('temperature', form.temperature, 'temperature')],
    relativeHumidity: [reader.number('humidity', form.humidity) / 100],
    remark: '',
  };
  return reader.finish(airLogContentSchema, candidate, (path) => FIELDS[path] ?? 'at');
}

interface AirNowSheetProps {
  open: boolean;
  roomId: string;
  onClose: () => void;
}

/** One look at thermometer and hygrometer, written down. */
export function AirNowSheet({ open, roomId, onClose }: AirNowSheetProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  const formOf = useMemo<AirNowForm>(
    () => ({ place: 'inside', temperature: '', humidity: '', at: localText(now) }),
    [now],
  );
  return (
    <EntrySheet
      open={open}
      onOpenChange={(next) => !next && onClose()}
      kind="air-log"
      record={null}
      ownerId={roomId}
      what="the air"
      title="Air as it is now"
      description="From thermometer and hygrometer, hung at the height of the boxes. Two looks and more replace what was assumed between them."
      formOf={formOf}
      parse={(form) => readAirNow(form, preferences)}
    >
      <div className="space-y-5">
        <ChoiceField
          name="place"
          label="Where"
          choices={[
            { value: 'inside', label: 'In the room' },
            { value: 'outside', label: 'Outside' },
          ]}
        />
        <div className="grid gap-5 sm:grid-cols-2">
          <TextField
            name="temperature"
            label="Temperature"
            unit={unitOf('temperature', preferences).name}
            inputMode="decimal"
            big
          />
          <TextField name="humidity" label="Humidity" unit="% RH" inputMode="decimal" big />
        </div>
        <TextField name="at" label="When" type="datetime-local" />
      </div>
    </EntrySheet>
  );
}
