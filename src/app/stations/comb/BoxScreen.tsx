import { useMemo, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { useBoxRecords } from '../../../db';
import { boxOf, boxPlaces, type Box, type BoxPlace, type FrameStory } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useHarvest, type HarvestDay } from '../../data/useHarvest';
import { NothingHere } from '../../ui/NothingHere';
import { Waiting } from '../../ui/Waiting';
import { JudgeView } from './JudgeView';
import { useStanding } from '../../data/useStanding';

/** Whether a school can only judge a frame beside all others of the day. */
function judgesTogether({ judging }: HarvestDay): boolean {
  return judging.school.rule === 'pooled' || judging.school.stays === 'colony-first';
}

/** Frames of the box that were looked at today, as they stand among their earlier looks. */
function storiesOf(places: readonly BoxPlace[]): FrameStory[] {
  return places.flatMap(({ frame, today, earlier }) =>
    frame && today
      ? [
          {
            frameId: frame.entityId,
            frame: frame.content,
            check: today.content,
            earlier: earlier.map((one) => one.content),
          },
        ]
      : [],
  );
}

interface LoadedProps {
  day: HarvestDay;
  box: Box;
}

function LoadedBox({ day, box }: LoadedProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const records = useBoxRecords(workspace, box.entityId);
  const [standing, stand] = useStanding();
  const { entityId: harvestId } = day.harvest;
  const { slots } = box.content;
  const places = useMemo(
    () => records && boxPlaces(records, box.entityId, { harvestId, slots }),
    [records, box.entityId, harvestId, slots],
  );
  const others = useMemo(
    () => (judgesTogether(day) ? day.file.stories : storiesOf(places ?? [])),
    [day, places],
  );
  if (!places) return <Waiting />;
  const isHere = standing?.harvestId === harvestId && standing.boxId === box.entityId;
  const wanted = isHere ? standing.slot : (places.find((one) => !one.today)?.slot ?? 1);
  const slot = Math.min(slots, Math.max(1, wanted));
  return (
    <JudgeView
      day={day}
      box={box}
      places={places}
      others={others}
      slot={slot}
      onSlot={(next) => stand({ harvestId, boxId: box.entityId, slot: next })}
    />
  );
}

/** A box as it hangs: one frame after the other, both sides. */
export function BoxScreen(): ReactElement {
  const { harvestId = '', boxId = '' } = useParams();
  const state = useHarvest(harvestId);
  if (state.status === 'loading') return <Waiting />;
  if (state.status === 'missing') return <NothingHere />;
  const box = boxOf(state.day.book, boxId);
  return box ? <LoadedBox key={boxId} day={state.day} box={box} /> : <NothingHere />;
}
