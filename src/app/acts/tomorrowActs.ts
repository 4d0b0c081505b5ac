import type { Extraction, Harvest } from '../../records';
import { revise, type RecordAct } from '../../store';
import { visitWords } from '../words/english/visit';

/** A day at the hives that was broken off goes on another day. */
export function goOnTomorrow(harvest: Harvest, day: string): RecordAct {
  const reason = visitWords.dayMoved({ name: harvest.content.name });
  return revise(reason, harvest, { content: { ...harvest.content, day }, reason });
}

/** A day at the line that has not begun is put off. */
export function lineGoesOnTomorrow(extraction: Extraction, day: string): RecordAct {
  const reason = visitWords.dayMoved({ name: extraction.content.name });
  return revise(reason, extraction, { content: { ...extraction.content, day }, reason });
}
