import { CalendarPlus } from 'lucide-react';
import { useMemo, type ReactElement } from 'react';
import { readyForecast, DAY_MS } from '../../../../core';
import { roomTasks, type RoomFile } from '../../../../model';
import { FIRST_TOLD } from '../../../../workers/dryingClient';
import { Button } from '../../../ui/Button';
import { saveFile } from '../../../ui/saveFile';
import { useSaving } from '../../../ui/forms/useSaving';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { AskedRoom } from '../roomQuestion';
import { taskWords } from '../taskWords';
import type { RoomForecast } from '../useRoomForecast';
import { roomWords } from '../../../words/english/room';
import { formatWeekTime } from '../../../format/dates';

/** When each batch is likely dry enough [ms]. */
function likelyReady(
  { draws }: RoomForecast,
  { present, batches }: AskedRoom,
): Map<string, number> {
  if (draws.length < FIRST_TOLD) return new Map();
  return new Map(
    batches.map(({ batch }, at) => {
      const { likelyDay } = readyForecast(draws, at);
      return [batch.entityId, present.zeroMs + likelyDay * DAY_MS];
    }),
  );
}

interface TasksSectionProps {
  file: RoomFile;
  asked: AskedRoom;
  forecast: RoomForecast;
  nowMs: number;
}

/** What is to be done at the room, the next first; also for a calendar. */
export function TasksSection(props: TasksSectionProps): ReactElement | null {
  const { file, asked, forecast, nowMs } = props;
  const tasks = useMemo(
    () =>
      roomTasks(file, nowMs, likelyReady(forecast, asked)).map((task) => ({
        ...task,
        ...taskWords(task, file),
      })),
    [file, asked, forecast, nowMs],
  );
  const saving = useSaving();
  const save = async (): Promise<void> => {
    const { calendarText } = await import('../../../format/calendarText');
    const entries = tasks.map((task) => ({ ...task, atMs: Math.max(task.atMs, nowMs) }));
    saveFile('warm-room.ics', calendarText(entries), 'text/calendar');
  };
  if (tasks.length === 0) return null;
  return (
    <SheetSection
      id="tasks"
      title={roomWords.next()}
      aside={
        <Button onClick={() => saving(save)}>
          <CalendarPlus aria-hidden className="size-5" /> {roomWords.addToMyCalendar()}
        </Button>
      }
    >
      <ul className="divide-y divide-thread">
        {tasks.map((task) => (
          <li key={task.id} className="flex gap-4 py-2">
            <span className="w-32 shrink-0 text-base">
              {formatWeekTime(task.atMs)}
              {task.atMs < nowMs && <strong className="block">{roomWords.overdue()}</strong>}
            </span>
            <span>
              <span className="block text-lg font-semibold">{task.title}</span>
              <span className="block text-base text-ink-soft">{task.about}</span>
            </span>
          </li>
        ))}
      </ul>
    </SheetSection>
  );
}
