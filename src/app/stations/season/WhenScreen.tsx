import { useMemo, type ReactElement } from 'react';
import { seasonBoard } from '../../../model';
import { useSeasonSources } from '../../data/useSeasonSources';
import { isoToday } from '../../format/dates';
import { Controlled } from '../../ui/page/Controlled';
import { Waiting } from '../../ui/page/Waiting';
import { useWhenController } from './useWhenController';
import { WhenView } from './WhenView';

/** When to take honey off, to treat, to put boxes on: proposed days with their reasons. */
export function WhenScreen(): ReactElement {
  const sources = useSeasonSources(isoToday());
  const board = useMemo(() => sources && seasonBoard(sources), [sources]);
  if (!board) return <Waiting />;
  return <Controlled of={board} controller={useWhenController} View={WhenView} />;
}
