import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { boxOf, harvestOf } from '../../../model';
import { useBook } from '../../data/useWorkspaceModel';
import { NothingHere } from '../../ui/page/NothingHere';
import { Waiting } from '../../ui/page/Waiting';
import { JudgeView } from './JudgeView';
import { useBoxController, type BoxOnDay } from './useBoxController';

function LoadedBox(onDay: BoxOnDay): ReactElement {
  const judging = useBoxController(onDay);
  return judging ? <JudgeView {...judging} /> : <Waiting />;
}

/** A box as it hangs: one frame after the other, both sides. */
export function BoxScreen(): ReactElement {
  const { harvestId = '', boxId = '' } = useParams();
  const book = useBook();
  const harvest = harvestOf(book, harvestId);
  const box = boxOf(book, boxId);
  return harvest && box ? (
    <LoadedBox key={boxId} book={book} harvest={harvest} box={box} />
  ) : (
    <NothingHere />
  );
}
