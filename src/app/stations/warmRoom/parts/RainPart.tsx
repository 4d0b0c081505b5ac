import { useMemo, useState, type ReactElement } from 'react';
import type { Rain, WarmRoomRecord } from '../../../../records';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { Fields } from '../../../entry/Fields';
import { rainEntry } from '../../../forms/room/rainForm';
import { useRecordForm } from '../../../forms/useRecordForm';
import { formatDay, isoToday } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { Sheet } from '../../../ui/forms/Sheet';
import { addRain, removeRain } from '../rainActs';
import { commonWords } from '../../../words/english/common';
import { formatsWords } from '../../../words/english/formats';
import { roomWords } from '../../../words/english/room';

function RainForm({ room, onDone }: { room: WarmRoomRecord; onDone: () => void }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const defaults = useMemo(() => {
    const today = isoToday();
    return rainEntry.fill({ fromDay: today, toDay: today }, preferences);
  }, [preferences]);
  const { frame, keep } = useRecordForm({
    formKey: `rain:${room.entityId}`,
    defaults,
    parse: (typed: typeof defaults) => rainEntry.read(typed, preferences),
    act: (spell, options) => addRain(room, spell, options),
    onKept: onDone,
  });
  return (
    <FormFrame {...frame} onSubmit={keep} label={roomWords.rainIsComing()}>
      <div className="space-y-5">
        <div className="grid grid-cols-2 gap-4">
          <Fields of={rainEntry} at={['fromDay', 'toDay']} />
        </div>
        <Button type="submit" tone="ink" className="min-h-14">
          {formatsWords.add()}
        </Button>
      </div>
    </FormFrame>
  );
}

function rainWords({ fromDay, toDay }: Rain): string {
  const days = { fromDay: formatDay(fromDay), toDay: formatDay(toDay) };
  return fromDay === toDay ? roomWords.rainOn(days) : roomWords.rainFrom(days);
}

/** Days of rain about a room: those that count, and the way to add more. */
export function RainPart({ room }: { room: WarmRoomRecord }): ReactElement {
  const [open, setOpen] = useState(false);
  const dispatch = useAppDispatch();
  return (
    <>
      <ul className="divide-y divide-thread">
        {(room.content.rain ?? []).map((spell) => (
          <li
            key={`${spell.fromDay} ${spell.toDay}`}
            className="flex flex-wrap items-center gap-x-4"
          >
            <span className="text-lg">{rainWords(spell)}</span>
            <Button tone="quiet" onClick={() => void dispatch(removeRain(room, spell))}>
              {commonWords.remove()}
              <span className="sr-only">
                {' '}
                {roomWords.removeTheRainOf({ fromDay: formatDay(spell.fromDay) })}
              </span>
            </Button>
          </li>
        ))}
      </ul>
      <Button tone="quiet" onClick={() => setOpen(true)}>
        {roomWords.rainIsComing()}
      </Button>
      <Sheet
        open={open}
        onOpenChange={setOpen}
        title={roomWords.rainIsComing()}
        description={roomWords.rainAbout()}
      >
        <RainForm room={room} onDone={() => setOpen(false)} />
      </Sheet>
    </>
  );
}
