import { addDays, parseISO } from 'date-fns';
import { occasionContentSchema, type Occasion, type Purpose } from '../../../records';
import { day, number, oneOf, optional, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { isoDay } from '../../format/dates';
import { commonWords } from '../../words/english/common';
import { jarCareWords } from '../../words/english/jarCare';
import { gramsField } from './gramsField';

/** What jars are wanted for. */
export const occasionEntry = entryOf(occasionContentSchema, {
  name: words(jarCareWords.occasionName()),
  day: day(jarCareWords.occasionDay()),
  purpose: oneOf<Purpose>(jarCareWords.occasionFor(), 'gift'),
  count: number(jarCareWords.howMany(), { digits: 0 }),
  jarG: optional(gramsField(jarCareWords.jarSize(), { hint: jarCareWords.anySizeIfEmpty() })),
  remark: words(commonWords.remark()),
});

/** So far ahead an occasion is proposed [d]. */
const USUAL_AHEAD_DAYS = 28;

export const freshOccasion = (today: string): Partial<Occasion['content']> => ({
  day: isoDay(addDays(parseISO(today), USUAL_AHEAD_DAYS)),
  purpose: 'gift',
});
