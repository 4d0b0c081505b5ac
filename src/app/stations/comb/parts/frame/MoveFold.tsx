import { moveFrames } from '../../combActs';
import { useMemo, useState, type ReactElement } from 'react';
import { useBoxRecords } from '../../../../../db';
import { colonyOf, type Book } from '../../../../../model';
import { current, type AnyRecord, type Box, type Frame } from '../../../../../records';
import { selectWorkspace, useAppDispatch, useAppSelector } from '../../../../../store';
import { Button } from '../../../../ui/Button';
import { INPUT } from '../../../../ui/classes';
import type { JudgeTask } from '../../useJudgeFrame';
import { Fold } from './MoreOfFrame';
import { frameWords } from '../../../../words/english/frame';

/** Places of a box that no frame takes. */
function freePlaces(records: readonly AnyRecord[], boxId: string, slots: number): number[] {
  const taken = new Set(
    current(records).flatMap((record) =>
      record.kind === 'frame' && record.content.boxId === boxId ? [record.content.slot] : [],
    ),
  );
  return Array.from({ length: slots }, (_, at) => at + 1).filter((slot) => !taken.has(slot));
}

/** Where a frame can go: totes first, then the other boxes of its hive. */
function targetsFor({ entityId, content }: Box, book: Book): Box[] {
  const totes = book.boxes.filter((box) => box.content.boxKind === 'tote');
  const ofHive = book.boxes.filter(
    (box) =>
      box.content.boxKind === 'box' &&
      box.content.colonyId !== null &&
      box.content.colonyId === content.colonyId,
  );
  return [...totes, ...ofHive].filter((tote) => tote.entityId !== entityId);
}

interface MoveFoldProps {
  task: JudgeTask;
  book: Book;
  /** all frames of this box that are taken today */
  taken: readonly Frame[];
}

function Move({ task, book, taken }: MoveFoldProps): ReactElement {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const totesFirst = useMemo(() => targetsFor(task.box, book), [task.box, book]);
  const [chosen, setChosen] = useState('');
  const target = totesFirst.find((tote) => tote.entityId === chosen) ?? totesFirst[0];
  const records = useBoxRecords(workspace, target?.entityId ?? '');
  const free = target && records ? freePlaces(records, target.entityId, target.content.slots) : [];
  const move = async (frames: readonly Frame[]): Promise<void> => {
    if (!target || frames.length === 0 || frames.length > free.length) return;
    const { day } = task.harvest.content;
    await dispatch(moveFrames(frames, { box: target, free, day }));
  };
  const { frame } = task.place;
  if (!target) {
    return <p className="text-base">{frameWords.thereIsNoOtherBox()}</p>;
  }
  return (
    <>
      <label className="block text-base font-semibold">
        {frameWords.whereTo()}
        <select
          className={INPUT}
          value={target.entityId}
          onChange={(event) => setChosen(event.target.value)}
        >
          {totesFirst.map((tote) => (
            <option key={tote.entityId} value={tote.entityId}>
              {boxWords(book, tote)}
            </option>
          ))}
        </select>
      </label>
      <p className="text-base">{frameWords.freePlacesThere({ free: free.length })}</p>
      <div className="flex flex-wrap gap-2">
        <Button
          className="min-h-14"
          disabled={!frame || free.length < 1}
          onClick={() => void move(frame ? [frame] : [])}
        >
          {frameWords.moveThisFrame()}
        </Button>
        <Button
          className="min-h-14"
          disabled={taken.length === 0 || free.length < taken.length}
          onClick={() => void move(taken)}
        >
          {frameWords.moveAllYouAreTaking({ taken: taken.length })}
        </Button>
      </div>
    </>
  );
}

/** Frames into a tote or another box; each keeps its hive. */
export function MoveFold(props: MoveFoldProps): ReactElement {
  return (
    <Fold title={frameWords.moveToAToteOr()}>
      <Move {...props} />
    </Fold>
  );
}

function boxWords(book: Book, box: Box): string {
  const colony = colonyOf(book, box.content.colonyId);
  return [colony?.content.name, box.content.label].filter((text) => text !== undefined).join(', ');
}
