import type { RoomFile, RoomTask } from '../../../model';
import { roomWords } from '../../words/english/room';

/** A task as the keeper reads it. */
export function taskWords(
  task: RoomTask,
  { room, batches }: RoomFile,
): { title: string; about: string } {
  const batch = batches.find((batchFile) => batchFile.batch.entityId === task.batchId)?.batch
    .content.name;
  const name = batch ?? room.content.name;
  switch (task.kind) {
    case 'read':
      return {
        title: roomWords.readOrWeigh({ name }),
        about: roomWords.eachReadingNarrowsTheForecast(),
      };
    case 'take-out':
      return { title: roomWords.takeOut({ name }), about: roomWords.probablyDryEnoughByThen() };
    case 'cool':
      return {
        title: roomWords.letCool({ name }),
        about: roomWords.aboutHoursUntilNewComb({ number: Math.max(1, Math.round(task.hours)) }),
      };
    case 'drain':
      return {
        title: roomWords.checkTankOrDrain({ name }),
        about: roomWords.beforeItRunsOver(),
      };
  }
}
