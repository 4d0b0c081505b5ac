import { oneOf } from '../../entry/codecs';
import { lotWords } from '../../words/english/lot';

/** `container#item`; empty for the lot as a whole. The record keeps both parts. */
export const vesselField = oneOf(lotWords.takenFrom(), '');
