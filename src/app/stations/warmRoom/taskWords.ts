import type { RoomFile, RoomTask } from '../../../model';

/** A task as the keeper reads it. */
export function taskWords(
  task: RoomTask,
  { room, batches }: RoomFile,
): { title: string; about: string } {
  const batch = batches.find((one) => one.batch.entityId === task.batchId)?.batch.content.name;
  const name = batch ?? room.content.name;
  switch (task.kind) {
    case 'read':
      return { title: `Read or weigh ${name}`, about: 'Each reading narrows the forecast.' };
    case 'take-out':
      return { title: `Take out ${name}`, about: 'Likely dry enough by then; read it first.' };
    case 'cool':
      return {
        title: `Let ${name} cool`,
        about: `About ${Math.max(1, Math.round(task.hours))} hours until new comb can be uncapped: warm it peels off its foundation.`,
      };
    case 'drain':
      return { title: `Look after tank or drain, ${name}`, about: 'Before it runs over.' };
  }
}
