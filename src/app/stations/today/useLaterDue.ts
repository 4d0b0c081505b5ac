import { useEffect, useMemo, useState } from 'react';
import { sharedWords } from '../../words/english/shared';
import type { DueItem, DueStation } from './dueItem';

/** Makes due items of what it is given. */
type Make<S> = (sources: S) => readonly DueItem[];

const NOTHING: readonly DueItem[] = [];

/** A part of Today that is loaded after the first paint. */
export interface LaterPart<S> {
  readonly load: () => Promise<Make<S>>;
  /** what stands where it could not be loaded */
  readonly id: string;
  readonly station: DueStation;
  readonly to: string;
}

/** What a part of the application asks for that comes after the first paint; says so where it does not come. */
export function useLaterDue<S>(
  part: LaterPart<S>,
  sources: S | null,
  nowMs: number,
): readonly DueItem[] {
  const [make, setMake] = useState<{ readonly of: Make<S> | null } | null>(null);
  useEffect(() => {
    let isHere = true;
    void part.load().then(
      (of) => isHere && setMake({ of }),
      () => isHere && setMake({ of: null }),
    );
    return () => {
      isHere = false;
    };
  }, [part]);
  return useMemo(() => {
    if (make === null || sources === null) return NOTHING;
    if (make.of !== null) return make.of(sources);
    const { id, station, to } = part;
    return [
      {
        id: `${id}-not-loaded`,
        station,
        timed: false,
        atMs: nowMs,
        title: sharedWords.aPartOfRipenumCouldNot(),
        why: sharedWords.loadThePageAgain(),
        to,
      },
    ];
  }, [make, sources, nowMs, part]);
}
