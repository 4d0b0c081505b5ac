import { SHAKE_RESULTS, type ShakeResult } from '../../../core';
import {
  combJudgementContentSchema,
  type CombJudgementContent,
  type Preferences,
} from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { choice, codec, choicesOf } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed } from '../../entry/reader';
import { lotWords } from '../../words/english/lot';

export const TENTHS = Array.from({ length: 11 }, (_, at) => String(at));

/** Whole tenths, tapped as cells; empty: nobody looked. */
export const tenths = (
  label: string,
  hint = '',
  cells: readonly string[] = TENTHS,
): Codec<number, string> =>
  codec(
    {
      as: 'choice',
      label,
      ...(hint === '' ? {} : { hint }),
      choices: cells.map((value) => ({ value, label: value })),
    },
    '',
    String,
    Number,
  );

export const SHAKE_NAMES: Readonly<Record<ShakeResult, string>> = {
  'not-done': lotWords.notDone(),
  'nothing-fell': lotWords.nothingFell(),
  drops: lotWords.drops(),
  runs: lotWords.itRan(),
};

export const SHAKE_CHOICES = choicesOf(
  Object.fromEntries(SHAKE_RESULTS.map((shakeResult) => [shakeResult, SHAKE_NAMES[shakeResult]])),
) as readonly { readonly value: ShakeResult; readonly label: string }[];

/** What was seen of the comb of a lot. */
export const combEntry = entryOf(combJudgementContentSchema, {
  cappedTenths: tenths(lotWords.howMuchOfTheHoney(), lotWords.ofTheCellsWithHoney()),
  shake: choice(lotWords.shakeTest(), SHAKE_NAMES, {
    hint: lotWords.frameFlatOpenCellsDown(),
  }),
});
export type CombForm = FormOf<typeof combEntry.fields>;

export const FRESH_COMB: CombForm = { cappedTenths: '', shake: 'not-done' };

/** The judgement that the form says; `null` where nobody looked. */
export function readCombForm(
  form: CombForm,
  preferences: Preferences,
): Parsed<CombJudgementContent | null> {
  if (form.cappedTenths !== '') return combEntry.read(form, preferences);
  if (form.shake === 'not-done') return { ok: true, content: null };
  const sentence = lotWords.noteHowMuchWasCapped();
  return { ok: false, errors: { cappedTenths: { sentence } } };
}
