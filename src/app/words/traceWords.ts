import type { TraceKind } from '../../model';

export const TRACE_NAMES: Readonly<Record<TraceKind, string>> = {
  hive: 'Hives',
  box: 'Boxes',
  frame: 'Frames',
  batch: 'Warm room',
  lot: 'Lots',
  extraction: 'Extraction',
  container: 'Containers',
  blend: 'Blends',
  jars: 'Jars',
  receiver: 'Who has them',
};

/** What one of a kind is called. */
export const TRACE_NAME_OF_ONE: Readonly<Record<TraceKind, string>> = {
  hive: 'Hive',
  box: 'Box',
  frame: 'Frame',
  batch: 'Warm room',
  lot: 'Lot',
  extraction: 'Extraction',
  container: 'Container',
  blend: 'Blend',
  jars: 'Jars',
  receiver: 'Has jars',
};
