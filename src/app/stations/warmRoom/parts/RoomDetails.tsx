import { useState, type ReactElement } from 'react';
import type { RoomFile } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { RoomSheet } from './RoomSheets';
import { commonWords } from '../../../words/english/common';
import { roomWords } from '../../../words/english/room';

/** What the room is, as the forecast takes it. */
export function RoomDetails({ file }: { file: RoomFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const [open, setOpen] = useState(false);
  const { content } = file.room;
  const degrees = (celsius: number): string => formatQuantity(celsius, 'temperature', preferences);
  const percent = (share: number): string => `${Math.round(100 * share)} %`;
  const { machine, outside } = content;
  const rows: [string, string][] = [
    [
      roomWords.size(),
      roomWords.mBoxes({ volumeM3: content.volumeM3, capacityBoxes: content.capacityBoxes }),
    ],
    [
      roomWords.heat(),
      roomWords.wSetTo({ heaterW: content.heaterW, setPointC: degrees(content.setPointC) }),
    ],
    [
      roomWords.dehumidifier(),
      machine
        ? roomWords.lADayAtAnd({
            ratedLPerDay: machine.ratedLPerDay,
            ratedAtC: degrees(machine.ratedAtC),
            ratedAtHumidity: percent(machine.ratedAtHumidity),
            stopsAtHumidity: percent(machine.stopsAtHumidity),
          })
        : roomWords.none(),
    ],
    [roomWords.airChanges(), roomWords.anHour({ airChangesPerHour: content.airChangesPerHour })],
    [roomWords.walls(), `${content.wallLossWPerK} W/K`],
    [
      roomWords.outside(),
      roomWords.andWhereNoLogSays({
        meanC: degrees(outside.meanC),
        relativeHumidity: percent(outside.relativeHumidity),
      }),
    ],
  ];
  return (
    <SheetSection
      id="room"
      title={roomWords.theRoomHeading()}
      aside={<Button onClick={() => setOpen(true)}>{roomWords.changeTheRoom()}</Button>}
    >
      <PlainTable
        label={roomWords.theRoomInFigures()}
        head={[commonWords.part(), roomWords.asTheForecastSeesIt()]}
        rows={rows}
      />
      {content.remark !== '' && <p className="mt-2 text-base">{content.remark}</p>}
      <RoomSheet open={open} room={file.room} onClose={() => setOpen(false)} />
    </SheetSection>
  );
}
