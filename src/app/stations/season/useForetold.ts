import { useEffect, useMemo, useState } from 'react';
import {
  combPlaces,
  cropPlaces,
  endedDays,
  readerPlaces,
  roomRun,
  stretchesOf,
  type ExtractionFile,
  type RoomFile,
  type Workshop,
} from '../../../model';
import { foretoldInRooms } from '../../../workers/dryingClient';
import { foretoldEnds } from '../../../workers/lineClient';
import { midnightBefore } from '../../format/localMoment';
import { seasonWords } from '../../words/english/season';

/** A row of forecasts of one kind with where what was found lay in them [1]. */
export interface ForetoldRow {
  readonly id: string;
  readonly name: string;
  readonly places: readonly number[];
}

/** Rooms with readings: each stretch with those before it. */
function stretchesToTell(rooms: readonly RoomFile[], nowMs: number) {
  return rooms.flatMap((file) => {
    const forNow = { nowMs, daysAhead: 0, midnightBefore };
    const runs = stretchesOf(file, nowMs).map((one) => roomRun(file, one, forNow));
    return runs
      .map((present, at) => ({ past: runs.slice(0, at), present }))
      .filter(({ present }) => present.observations.length > 0);
  });
}

/** What needs no long computation: combs, crops, readers. */
function quickRows({ pastLots, replicates, files, around }: Workshop): ForetoldRow[] {
  const blended = new Set(around.poured.map((one) => one.intoLotId ?? ''));
  const readers = [...readerPlaces(replicates)].map(([reader, places]) => ({
    id: `reader-${reader}`,
    name: seasonWords.secondReadingsBy({ reader }),
    places,
  }));
  return [
    { id: 'comb', name: seasonWords.waterContentFromTheComb(), places: combPlaces(pastLots) },
    { id: 'crop', name: seasonWords.cropWeightFromTheComb(), places: cropPlaces(files, blended) },
    ...readers,
  ];
}

/** What is computed in workers; undefined while it runs, a sentence where it failed. */
function useSlowRows(
  rooms: readonly RoomFile[],
  days: readonly ExtractionFile[],
  nowMs: number,
): readonly ForetoldRow[] | string | undefined {
  const [rows, setRows] = useState<readonly ForetoldRow[] | string>();
  useEffect(() => {
    const stop = new AbortController();
    const all = Promise.all([
      foretoldInRooms(stretchesToTell(rooms, nowMs), stop.signal),
      foretoldEnds(endedDays(days), stop.signal),
    ]);
    all.then(
      ([drying, ends]) =>
        setRows([
          { id: 'drying', name: seasonWords.moistureWhileDrying(), places: drying },
          { id: 'day', name: seasonWords.whenAnExtractionDayEnds(), places: ends },
        ]),
      () => {
        if (!stop.signal.aborted) setRows(seasonWords.dryingAndExtractionDaysCould());
      },
    );
    return () => stop.abort();
  }, [rooms, days, nowMs]);
  return rows;
}

/** What was said against what was found, kind by kind. */
export function useForetold(
  workshop: Workshop,
  days: readonly ExtractionFile[],
): { readonly quick: readonly ForetoldRow[]; readonly slow: ReturnType<typeof useSlowRows> } {
  const quick = useMemo(() => quickRows(workshop), [workshop]);
  const rooms = workshop.around.rooms;
  const [nowMs] = useState(() => workshop.around.nowMs);
  return { quick, slow: useSlowRows(rooms, days, nowMs) };
}
