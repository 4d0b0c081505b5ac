import type { TraceKind, TraceNode } from '../../model';
import { formatDay } from '../format/dates';
import { commonWords } from './english/common';
import { storeWords } from './english/store';
import { tell } from './tell';

export const TRACE_NAMES: Readonly<Record<TraceKind, string>> = {
  hive: storeWords.hives(),
  box: commonWords.boxes(),
  frame: commonWords.framesHeading(),
  batch: commonWords.warmRoom(),
  lot: storeWords.lots(),
  extraction: storeWords.extraction(),
  container: storeWords.containers(),
  blend: storeWords.blends(),
  jars: storeWords.jars(),
  receiver: storeWords.whoHasThem(),
};

/** What something that honey passed through is called. */
export const nodeName = ({ name }: TraceNode): string => tell(name);

/** What else is known of it: where it belongs, and its day. */
export const nodeFacts = ({ detail, day }: TraceNode): string[] =>
  [tell(detail), day === null ? '' : formatDay(day)].filter((fact) => fact !== '');

/** What one of a kind is called. */
export const TRACE_NAME_OF_ONE: Readonly<Record<TraceKind, string>> = {
  hive: commonWords.hive(),
  box: storeWords.box(),
  frame: commonWords.frameHeading(),
  batch: commonWords.warmRoom(),
  lot: commonWords.lotHeading(),
  extraction: storeWords.extraction(),
  container: storeWords.container(),
  blend: storeWords.blend(),
  jars: storeWords.jars(),
  receiver: storeWords.hasJars(),
};
