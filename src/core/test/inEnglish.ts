import { tell } from '../../app/words/tell';
import { DEFAULT_PREFERENCES } from '../../records';
import type { MessageValue } from '../message/message';

/** What a message says with the usual units, so that tests can read it as people do; empty where none is. */
export const inEnglish = (value: MessageValue | null | undefined): string =>
  value ? tell(value, DEFAULT_PREFERENCES) : '';
