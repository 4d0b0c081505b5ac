import { SHAKE_RESULTS, type ShakeResult } from '../../core';
import { combJudgementContentSchema, type CombJudgementContent } from '../../records';
import type { Parsed } from './parsed';

/** What was seen of the comb, as it is tapped; an empty share says that nobody looked. */
export interface CombForm {
  cappedTenths: string;
  shake: ShakeResult;
}

export const FRESH_COMB: CombForm = { cappedTenths: '', shake: 'not-done' };

export const TENTHS = Array.from({ length: 11 }, (_, at) => String(at));

export const SHAKE_CHOICES: readonly { value: ShakeResult; label: string }[] = SHAKE_RESULTS.map(
  (value) => ({
    value,
    label: {
      'not-done': 'Not done',
      'nothing-fell': 'Nothing fell',
      drops: 'Drops',
      runs: 'It ran',
    }[value],
  }),
);

export function combFormOf(content: CombJudgementContent): CombForm {
  return { cappedTenths: String(content.cappedTenths), shake: content.shake };
}

/** The judgement that the form says; `null` where nobody looked. */
export function readCombForm(form: CombForm): Parsed<CombJudgementContent | null> {
  if (form.cappedTenths === '') {
    if (form.shake === 'not-done') return { ok: true, content: null };
    const sentence = 'Say how many tenths were capped too, so that the shake test can be weighed.';
    return { ok: false, errors: { cappedTenths: { sentence } } };
  }
  const candidate = { cappedTenths: Number(form.cappedTenths), shake: form.shake };
  return { ok: true, content: combJudgementContentSchema.parse(candidate) };
}
