import { useEffect, useRef, useState } from 'react';
import { areFrameCorners, type Corners, type KnownCell, type ReadSide } from '../../../core';
import { photoGrid, proposalOf } from '../../../model';
import type { CellLesson, Proposal } from '../../../records';
import { useCurrent } from '../../data/useWorkspaceModel';
import { helperTrouble, NOT_LOADED } from '../../../workers/helpers';
import { startMeasuring, type Measuring } from '../../../workers/measureClient';
import type { OpenedPhoto, Preview } from '../../../workers/protocol';
import { photoWords } from '../../words/english/photo';
import { tell } from '../../words/tell';

/** A side that was read, with its points as they stand. */
export interface ReadPhotoSide {
  readonly side: ReadSide;
  readonly preview: Preview;
  readonly points: string;
  readonly proposal: Proposal;
}

/** Points set, from how they stand. */
export type PointsChange = (
  now: ReadPhotoSide,
) => Partial<Pick<ReadPhotoSide, 'points' | 'proposal'>>;

type State =
  | { readonly step: 'opening' }
  | { readonly step: 'wrong'; readonly sentence: string }
  | { readonly step: 'corners'; readonly opened: OpenedPhoto; readonly sentence: string }
  | { readonly step: 'reading'; readonly opened: OpenedPhoto; readonly share: number }
  | { readonly step: 'points'; readonly opened: OpenedPhoto; readonly read: ReadPhotoSide };

/** What the keeper set right on earlier photographs, the latest few hundred. */
const lessonsOf = (lessons: readonly CellLesson[]): KnownCell[] =>
  lessons
    .flatMap(({ content }) => content.taps.map(({ is, figures }) => ({ is, figures })))
    .slice(-400);

const sentenceOf = (error: unknown): string => tell(helperTrouble(error) ?? NOT_LOADED);

/** A photograph of a side on its way to a share: opened, its corners agreed on, read, set right. */
export function usePhotoMeasure(file: Blob) {
  const lessons = useCurrent('cell-lesson');
  const measuring = useRef<Measuring | null>(null);
  const [state, setState] = useState<State>({ step: 'opening' });
  const [corners, setCorners] = useState<Corners | null>(null);

  useEffect(() => {
    const started = startMeasuring();
    measuring.current = started;
    const toCorners = (opened: OpenedPhoto | null): void => {
      if (measuring.current !== started) return;
      if (!opened) {
        setState({ step: 'wrong', sentence: photoWords.notAPicture() });
        return;
      }
      setCorners(opened.corners);
      setState({ step: 'corners', opened, sentence: '' });
    };
    started
      .open(file)
      .then(toCorners)
      .catch((error: unknown) => setState({ step: 'wrong', sentence: sentenceOf(error) }));
    return () => {
      started.stop();
      if (measuring.current === started) measuring.current = null;
    };
  }, [file]);

  const read = async (): Promise<void> => {
    const { current } = measuring;
    if (!current || !corners || state.step !== 'corners') return;
    const { opened } = state;
    if (!areFrameCorners(corners)) {
      setState({ ...state, sentence: photoWords.cornersCrossed() });
      return;
    }
    setState({ step: 'reading', opened, share: 0 });
    const question = {
      corners,
      grid: photoGrid(),
      lessons: lessonsOf(lessons),
      onRow: (done: number, all: number) =>
        setState((now) => (now.step === 'reading' ? { ...now, share: done / all } : now)),
    };
    try {
      const found = await current.read(question);
      if (measuring.current !== current) return;
      setState(
        found
          ? { step: 'points', opened, read: { ...found, ...proposalOf(found.side) } }
          : { step: 'corners', opened, sentence: photoWords.noComb() },
      );
    } catch (error) {
      if (measuring.current === current) {
        setState({ step: 'corners', opened, sentence: sentenceOf(error) });
      }
    }
  };
  const toCorners = (): void => {
    if (state.step === 'points') setState({ step: 'corners', opened: state.opened, sentence: '' });
  };
  // a drag sets several points before the page is drawn again
  const setRead = (change: PointsChange): void =>
    setState((now) =>
      now.step === 'points' ? { ...now, read: { ...now.read, ...change(now.read) } } : now,
    );
  return { state, corners, setCorners, read, toCorners, setRead, lessons };
}
