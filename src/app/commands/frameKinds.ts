import type { RecordKind } from '../../records';

/** What is written down on the page of a frame, and can be undone there. */
export const FRAME_KINDS: readonly RecordKind[] = ['frame', 'frame-check', 'photo'];
