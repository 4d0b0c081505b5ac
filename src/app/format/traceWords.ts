import type { TraceKind } from '../../records';

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
