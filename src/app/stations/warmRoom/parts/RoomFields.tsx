import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { Field } from '../../../entry/Field';
import { roomEntry, type RoomForm } from '../../../forms/room/warmRoomForm';

function MachineFields(): ReactElement {
  const { watch } = useFormContext<RoomForm>();
  return (
    <fieldset className="space-y-5 border-t-2 border-ink pt-3">
      <legend className="sr-only">Dehumidifier</legend>
      <Field of={roomEntry} at="machine.has" />
      {watch('machine.has') === 'yes' && (
        <>
          <Field of={roomEntry} at="machine.kind" />
          <div className="grid gap-5 sm:grid-cols-3">
            <Field of={roomEntry} at="machine.ratedLPerDay" />
            <Field of={roomEntry} at="machine.ratedAtC" />
            <Field of={roomEntry} at="machine.ratedAtHumidity" />
          </div>
          <p className="text-base">
            The rating point stands in the manual: commonly 27 °C and 60 %, or 30 °C and 80 %, which
            flatters. In dry air it takes far less.
          </p>
          <div className="grid gap-5 sm:grid-cols-3">
            <Field of={roomEntry} at="machine.stopsAtHumidity" />
            <Field of={roomEntry} at="machine.powerW" />
            <Field of={roomEntry} at="machine.warmestC" />
          </div>
        </>
      )}
    </fieldset>
  );
}

/** What a room is: its size, its heat, its machine, and the air about it. */
export function RoomFields(): ReactElement {
  const heating = useFormContext<RoomForm>().watch('heating');
  return (
    <div className="space-y-5">
      <Field of={roomEntry} at="name" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Field of={roomEntry} at="volumeM3" />
        <Field of={roomEntry} at="capacityBoxes" />
      </div>
      <Field of={roomEntry} at="heating" />
      {heating === 'unvented' && (
        <p role="alert" className="border-l-8 border-ink pl-3 text-lg font-bold">
          Never a burner without a flue: carbon monoxide kills, and each kilogram of gas brings 1.6
          kg of water into the room.
        </p>
      )}
      <div className="grid gap-5 sm:grid-cols-2">
        {heating !== 'none' && <Field of={roomEntry} at="heaterW" />}
        <Field of={roomEntry} at="setPointC" />
        <Field of={roomEntry} at="fanW" />
      </div>
      <MachineFields />
      <fieldset className="space-y-5 border-t-2 border-ink pt-3">
        <legend className="sr-only">Walls and air outside</legend>
        <div className="grid gap-5 sm:grid-cols-2">
          <Field of={roomEntry} at="airChangesPerHour" />
          <Field of={roomEntry} at="wallLossWPerK" />
        </div>
        <div className="grid gap-5 sm:grid-cols-3">
          <Field of={roomEntry} at="outside.meanC" />
          <Field of={roomEntry} at="outside.swingC" />
          <Field of={roomEntry} at="outside.relativeHumidity" />
        </div>
      </fieldset>
      <Field of={roomEntry} at="pricePerKwh" />
      <Field of={roomEntry} at="remark" />
    </div>
  );
}
