import { yardContentSchema, type Preferences, type YardContent } from '../../records';
import { FormReader, type Parsed } from './parsed';

export type YardForm = YardContent;

export const FRESH_YARD: YardForm = { name: '', climate: 'not-said', remark: '' };

export function readYardForm(form: YardForm, preferences: Preferences): Parsed<YardContent> {
  return new FormReader(preferences).finish(yardContentSchema, form, (path) => path);
}
