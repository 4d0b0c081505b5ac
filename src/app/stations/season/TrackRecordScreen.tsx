import type { ReactElement } from 'react';
import { TrackRecordView } from './TrackRecordView';
import { useTrackRecord } from './useTrackRecord';

/** How well it was forecast, from the keeper's own records. */
export function TrackRecordScreen(): ReactElement {
  return <TrackRecordView {...useTrackRecord()} />;
}
