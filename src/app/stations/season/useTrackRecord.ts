import { useHoneyHouse, useLedger } from '../../data/useWorkspaceModel';
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
  type Ledger,
} from '../../../model';
import { predictedInRooms } from '../../../workers/dryingClient';
import { predictedEnds } from '../../../workers/lineClient';
import { midnightBefore } from '../../format/localMoment';
import { seasonWords } from '../../words/english/season';

/** A row of forecasts of one kind with where what was found lay in them [1]. */
export interface TrackRecordRow {
  readonly id: string;
  readonly name: string;
  readonly places: readonly number[];
}

/** Rooms with readings: each stretch with those before it. */
function stretchesToCompare(rooms: readonly RoomFile[], nowMs: number) {
  return rooms.flatMap((file) => {
    const forNow = { nowMs, daysAhead: 0, midnightBefore };
    const runs = stretchesOf(file, nowMs).map((stretch) => roomRun(file, stretch, forNow));
    return runs
      .map((present, at) => ({ past: runs.slice(0, at), present }))
      .filter(({ present }) => present.observations.length > 0);
  });
}

/** What needs no long computation: combs, crops, readers. */
function quickRows({ pastLots, replicates, files, related }: Ledger): TrackRecordRow[] {
  const blended = new Set(related.poured.map((pouredLine) => pouredLine.intoLotId ?? ''));
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

/** What is computed in workers: on its way, there, or not to be had. */
type SlowRows =
  | { readonly status: 'waiting' | 'failed' }
  | { readonly status: 'ready'; readonly rows: readonly TrackRecordRow[] };

function useSlowRows(
  rooms: readonly RoomFile[],
  days: readonly ExtractionFile[],
  nowMs: number,
): SlowRows {
  const [found, setFound] = useState<SlowRows>({ status: 'waiting' });
  useEffect(() => {
    const stop = new AbortController();
    const all = Promise.all([
      predictedInRooms(stretchesToCompare(rooms, nowMs), stop.signal),
      predictedEnds(endedDays(days), stop.signal),
    ]);
    all.then(
      ([drying, ends]) => {
        const rows = [
          { id: 'drying', name: seasonWords.moistureWhileDrying(), places: drying },
          { id: 'day', name: seasonWords.whenAnExtractionDayEnds(), places: ends },
        ];
        setFound({ status: 'ready', rows });
      },
      () => {
        if (!stop.signal.aborted) setFound({ status: 'failed' });
      },
    );
    return () => stop.abort();
  }, [rooms, days, nowMs]);
  return found;
}

/** What was forecast against what was found, kind by kind. */
export function useTrackRecord() {
  const ledger = useLedger();
  const { days } = useHoneyHouse();
  const { rooms } = ledger.related;
  const quick = useMemo(() => quickRows(ledger), [ledger]);
  const [nowMs] = useState(() => ledger.related.nowMs);
  return { ledger, quick, slow: useSlowRows(rooms, days, nowMs) };
}
