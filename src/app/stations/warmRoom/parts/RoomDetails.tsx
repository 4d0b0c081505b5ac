import { useState, type ReactElement } from 'react';
import type { RoomFile } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { RoomSheet } from './RoomSheets';

/** What the room is, as the forecast takes it. */
export function RoomDetails({ file }: { file: RoomFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const [open, setOpen] = useState(false);
  const { content } = file.room;
  const degrees = (celsius: number): string => formatQuantity(celsius, 'temperature', preferences);
  const percent = (share: number): string => `${Math.round(100 * share)} %`;
  const { machine, outside } = content;
  const rows: [string, string][] = [
    ['Size', `${content.volumeM3} m³, ${content.capacityBoxes} boxes`],
    ['Heat', `${content.heaterW} W, set to ${degrees(content.setPointC)}`],
    [
      'Dehumidifier',
      machine
        ? `${machine.ratedLPerDay} L a day at ${degrees(machine.ratedAtC)} and ${percent(machine.ratedAtHumidity)}, stops at ${percent(machine.stopsAtHumidity)}`
        : 'none',
    ],
    ['Air changes', `${content.airChangesPerHour} an hour`],
    ['Walls', `${content.wallLossWPerK} W/K`],
    [
      'Outside',
      `${degrees(outside.meanC)} and ${percent(outside.relativeHumidity)}, where no log says otherwise`,
    ],
  ];
  return (
    <SheetSection
      id="room"
      title="The room"
      aside={<Button onClick={() => setOpen(true)}>Change the room</Button>}
    >
      <PlainTable
        label="What the room is"
        head={['Part', 'As the forecast takes it']}
        rows={rows}
      />
      {content.remark !== '' && <p className="mt-2 text-base">{content.remark}</p>}
      <RoomSheet open={open} room={file.room} onClose={() => setOpen(false)} />
    </SheetSection>
  );
}
