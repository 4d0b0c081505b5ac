import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { ExtractionFile } from '../../../model';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useNow } from '../../data/useNow';
import { useHoneyHouse, useLedger } from '../../data/useWorkspaceModel';

/** Under way first, then what comes next, then what is over, the latest first. */
function inTurn(days: readonly ExtractionFile[]): ExtractionFile[] {
  const turn = ({ extraction }: ExtractionFile): number => {
    const { startedAt, doneAt } = extraction.content;
    if (doneAt !== null) return 2;
    return startedAt !== null ? 0 : 1;
  };
  const day = (extractionFile: ExtractionFile): string => extractionFile.extraction.content.day;
  return [...days].sort(
    (a, b) =>
      turn(a) - turn(b) ||
      (turn(a) === 2 ? day(b).localeCompare(day(a)) : day(a).localeCompare(day(b))),
  );
}

/** Days at the line in their turn, honey that settles, lots to look after, and a day being planned. */
export function useStrainController() {
  const workspace = useAppSelector(selectWorkspace);
  const navigate = useNavigate();
  const house = useHoneyHouse();
  const { files } = useLedger();
  const nowMs = useNow(60_000);
  const [planning, setPlanning] = useState(false);
  const settling = files.flatMap((file) =>
    file.settlings
      .filter((record) => record.content.endedAt === null)
      .map((record) => ({ file, settling: record })),
  );
  return {
    house,
    days: inTurn(house.days),
    settling,
    files,
    nowMs,
    planning,
    plan: () => setPlanning(true),
    close: () => setPlanning(false),
    open: (dayId: string) => void navigate(`/${workspace}/strain/day/${dayId}`),
  };
}
