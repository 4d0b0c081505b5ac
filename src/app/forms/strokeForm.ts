import {
  DEFAULT_FORMAT_ID,
  proposedSampleSize,
  systematicSample,
  type ShakeResult,
} from '../../core';
import { strokeContentSchema, type Preferences, type StrokeContent } from '../../records';
import { FormReader, type Parsed } from './parsed';

/** A box, a stack or a yard as it is judged at one stroke. */
export interface StrokeForm {
  scope: StrokeContent['scope'];
  label: string;
  /** empty: none named */
  yardId: string;
  boxes: string;
  framesPerBox: string;
  formatId: string;
  honeyTenths: string;
  cappedTenths: string;
  shake: ShakeResult;
  start: number;
  /** empty: as many as proposed */
  sample: string;
  /** capped tenths by place in the sample; empty: not looked at */
  looks: string[];
  act: StrokeContent['act'];
  remark: string;
}

export function freshStroke(start: number): StrokeForm {
  return {
    scope: 'yard',
    label: '',
    yardId: '',
    boxes: '',
    framesPerBox: '10',
    formatId: DEFAULT_FORMAT_ID,
    honeyTenths: '9',
    cappedTenths: '',
    shake: 'not-done',
    start,
    sample: '',
    looks: [],
    act: 'take',
    remark: '',
  };
}

/** How many frames there are in all, and how many of them to look at; null until both can be read. */
export function strokeSize(
  form: StrokeForm,
  preferences: Preferences,
): { frames: number; sampleSize: number } | null {
  const reader = new FormReader(preferences);
  const frames =
    reader.number('boxes', form.boxes) * reader.number('framesPerBox', form.framesPerBox);
  if (!(frames >= 1 && frames <= 80_000)) return null;
  const typed = form.sample.trim() === '' ? proposedSampleSize(frames) : Number(form.sample);
  return { frames, sampleSize: Math.max(1, Math.min(frames, Math.round(typed) || 1)) };
}

export function readStrokeForm(form: StrokeForm, preferences: Preferences): Parsed<StrokeContent> {
  const reader = new FormReader(preferences);
  const size = strokeSize(form, preferences);
  const places = size ? systematicSample(size.frames, size.sampleSize, form.start) : [];
  if (form.cappedTenths === '') {
    reader.fail('cappedTenths', 'Say how many tenths are capped by the look of the whole.');
  }
  const { scope, label, formatId, shake, start, act, remark } = form;
  const candidate = {
    scope,
    label,
    yardId: form.yardId === '' ? null : form.yardId,
    boxes: reader.number('boxes', form.boxes),
    framesPerBox: reader.number('framesPerBox', form.framesPerBox),
    formatId,
    honeyTenths: Number(form.honeyTenths),
    cappedTenths: Number(form.cappedTenths),
    shake,
    start,
    sampleSize: size?.sampleSize ?? 1,
    looks: places.flatMap((position, at) => {
      const tenths = form.looks[at] ?? '';
      return tenths === '' ? [] : [{ position, cappedTenths: Number(tenths) }];
    }),
    act,
    remark,
  };
  return reader.finish(strokeContentSchema, candidate, (path) => path);
}
