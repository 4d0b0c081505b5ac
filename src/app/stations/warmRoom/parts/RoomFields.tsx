import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import type { RoomFile } from '../../../../model';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { roomEntry, type RoomForm } from '../../../forms/room/warmRoomForm';
import { roomWords } from '../../../words/english/room';

function MachineFields(): ReactElement {
  const { watch } = useFormContext<RoomForm>();
  return (
    <fieldset className="space-y-5 border-t-2 border-ink pt-3">
      <legend className="sr-only">{roomWords.dehumidifier()}</legend>
      <Field of={roomEntry} at="machine.has" />
      {watch('machine.has') === 'yes' && (
        <>
          <Field of={roomEntry} at="machine.kind" />
          <div className="grid gap-5 sm:grid-cols-3">
            <Fields
              of={roomEntry}
              at={['machine.ratedLPerDay', 'machine.ratedAtC', 'machine.ratedAtHumidity']}
            />
          </div>
          <p className="text-base">{roomWords.theRatingPointIsIn()}</p>
          <div className="grid gap-5 sm:grid-cols-3">
            <Fields
              of={roomEntry}
              at={['machine.stopsAtHumidity', 'machine.powerW', 'machine.warmestC']}
            />
          </div>
        </>
      )}
    </fieldset>
  );
}

/** What a room is: its size, its heat, its machine, and the air about it. */
export function RoomFields({ others }: { others: readonly RoomFile[] }): ReactElement {
  const heating = useFormContext<RoomForm>().watch('heating');
  return (
    <div className="space-y-5">
      <Field of={roomEntry} at="name" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={roomEntry} at={['volumeM3', 'capacityBoxes']} />
      </div>
      <Field of={roomEntry} at="heating" />
      {heating === 'unvented' && (
        <p role="alert" className="border-l-8 border-ink pl-3 text-lg font-bold">
          {roomWords.neverUseABurnerWithout()}
        </p>
      )}
      <div className="grid gap-5 sm:grid-cols-2">
        {heating !== 'none' && <Field of={roomEntry} at="heaterW" />}
        <Fields of={roomEntry} at={['setPointC', 'fanW']} />
      </div>
      <MachineFields />
      <fieldset className="space-y-5 border-t-2 border-ink pt-3">
        <legend className="sr-only">{roomWords.wallsAndAirOutside()}</legend>
        <div className="grid gap-5 sm:grid-cols-2">
          <Fields of={roomEntry} at={['airChangesPerHour', 'wallLossWPerK']} />
        </div>
        <div className="grid gap-5 sm:grid-cols-3">
          <Fields
            of={roomEntry}
            at={['outside.meanC', 'outside.swingC', 'outside.relativeHumidity']}
          />
        </div>
      </fieldset>
      {others.length > 0 && (
        <Field
          of={roomEntry}
          at="sharesAirWith"
          choices={[
            { value: '', label: roomWords.noOtherRoom() },
            ...others.map(({ room }) => ({ value: room.entityId, label: room.content.name })),
          ]}
        />
      )}
      <Fields of={roomEntry} at={['pricePerKwh', 'remark']} />
    </div>
  );
}
