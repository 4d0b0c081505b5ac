import type { TraceKind } from '../../model';
import { commonWords } from './english/common';
import { storeWords } from './english/store';

export const TRACE_NAMES: Readonly<Record<TraceKind, string>> = {
  hive: storeWords.hives(),
  box: commonWords.boxes(),
  frame: commonWords.frames2(),
  batch: commonWords.warmRoom(),
  lot: storeWords.lots(),
  extraction: storeWords.extraction(),
  container: storeWords.containers(),
  blend: storeWords.blends(),
  jars: storeWords.jars(),
  receiver: storeWords.whoHasThem(),
};

/** What one of a kind is called. */
export const TRACE_NAME_OF_ONE: Readonly<Record<TraceKind, string>> = {
  hive: commonWords.hive(),
  box: storeWords.box(),
  frame: commonWords.frame2(),
  batch: commonWords.warmRoom(),
  lot: commonWords.lot2(),
  extraction: storeWords.extraction(),
  container: storeWords.container(),
  blend: storeWords.blend(),
  jars: storeWords.jars(),
  receiver: storeWords.hasJars(),
};
