import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { isFlowing } from '../../../core';
import {
  flowHistories,
  honeyOfYards,
  lotsOtherwiseCalled,
  roundOf,
  type SeasonAct,
  type SeasonBoard,
  type YardBoard,
} from '../../../model';
import type { Flow, HiveWeight } from '../../../records';
import {
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
  type RecordAct,
} from '../../../store';
import {
  callLots,
  flowBegun,
  flowCameUnseen,
  flowFailed,
  flowOver,
  givenOut,
  planPull,
} from '../../acts/seasonActs';
import { useEditing } from '../../data/useEditing';
import { useBook, useLots } from '../../data/useWorkspaceModel';
import { isoToday } from '../../format/dates';
import { whenWords } from '../../words/english/when';

/** Something that a proposal lets one do at a tap. */
export interface Offer {
  readonly label: string;
  readonly press: () => void;
}

/** So far ahead a flow can begin before its time [d]. */
const SOON_DAYS = 14;

/** The season: proposed days, flows by yard, the weather, and how the keeper goes about it. */
export function useWhenController(board: SeasonBoard) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const today = isoToday();
  const book = useBook();
  const lots = useLots();
  const honeyOf = useMemo(() => honeyOfYards(lots), [lots]);
  const act = (of: RecordAct): void => void dispatch(of);

  const plan = async (yard: YardBoard): Promise<void> => {
    if (!yard.pull) return;
    const done = await dispatch(planPull(yard, yard.pull, preferences));
    const [harvest] = done.ok ? done.value : [];
    if (harvest) await navigate(`/${workspace}/comb/${harvest.entityId}`);
  };
  const began = (flow: Flow): Offer => ({
    label: whenWords.itHasBegun(),
    press: () => act(flowBegun(flow, today)),
  });
  const failed = (flow: Flow): Offer => ({
    label: whenWords.itFailed(),
    press: () => act(flowFailed(flow)),
  });
  const cameUnseen = (flow: Flow): Offer => ({
    label: whenWords.itCame(),
    press: () => act(flowCameUnseen(flow)),
  });
  const over = (flow: Flow): Offer => ({
    label: whenWords.itIsOver(),
    press: () => act(flowOver(flow, today)),
  });
  const renamed = (flow: Flow): Offer[] => {
    const called = lotsOtherwiseCalled(flow, lots, book);
    const { plant } = flow.content;
    return called.length === 0
      ? []
      : [
          {
            label: whenWords.callLots({ lots: called.length, plant }),
            press: () => act(callLots(called, plant)),
          },
        ];
  };
  const offersOf = (item: SeasonAct): Offer[] => {
    if (item.kind === 'treatment') {
      const { given } = item.item;
      const isIn = item.step === 'take-out' || item.step === 'ask-out';
      return isIn && item.day <= board.today
        ? [{ label: whenWords.itIsOut(), press: () => act(givenOut(given, today)) }]
        : [];
    }
    const { kind, flow } = item;
    if (kind === 'pull') {
      return [{ label: whenWords.planThisDay(), press: () => void plan(item.board) }];
    }
    if (flow === null) return [];
    if (kind === 'look-flow') return [began(flow), failed(flow)];
    if (kind === 'scale-flow') return [began(flow)];
    return kind === 'ask-flow' ? [cameUnseen(flow), failed(flow)] : [];
  };
  return {
    board,
    book,
    workspace,
    honeyOf,
    histories: flowHistories(book.flows, board.today),
    offersOf,
    /** what can be said of a flow of a yard where it stands */
    flowOffers: ({ flow, course }: YardBoard['flows'][number]): Offer[] => {
      const named = renamed(flow);
      if (isFlowing(course)) return [over(flow), ...named];
      const isSoon = course.state === 'to-come' && course.startDay <= board.today + SOON_DAYS;
      return isSoon ? [began(flow), ...named] : named;
    },
    round: roundOf(board, board.today, book),
    weatherSheet: useEditing<never>(),
    weightSheet: useEditing<HiveWeight>(),
    planSheet: useEditing<never>(),
  };
}
