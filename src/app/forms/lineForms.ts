import type { CombFace, ToolKind } from '../../core';
import {
  frameWeighingContentSchema,
  ownToolContentSchema,
  pourContentSchema,
  type FrameWeighingContent,
  type OwnToolContent,
  type PourContent,
  type Preferences,
} from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** The fields of a tool of one's own as they are typed. */
export interface ToolForm {
  name: string;
  toolKind: ToolKind;
  seconds: string;
  loss: string;
  spared: string;
  faces: CombFace[];
  newComb: 'yes' | 'no';
}

export function toolFormOf(content: OwnToolContent | null): ToolForm {
  return {
    name: content?.name ?? '',
    toolKind: content?.toolKind ?? 'fork',
    seconds: decimalText(content?.secondsPerFrame ?? 60, 0),
    loss: decimalText(100 * (content?.lossShare ?? 0.03), 1),
    spared: decimalText(100 * (content?.combSpared ?? 0.9), 0),
    faces: [...(content?.faces ?? (['flush'] as const))],
    newComb: content?.newComb === false ? 'no' : 'yes',
  };
}

/** The tool that the form says, or what is wrong in which field. */
export function readToolForm(form: ToolForm, preferences: Preferences): Parsed<OwnToolContent> {
  const reader = new FormReader(preferences);
  const candidate = {
    name: form.name,
    toolKind: form.toolKind,
    secondsPerFrame: reader.number('seconds', form.seconds),
    lossShare: reader.number('loss', form.loss) / 100,
    combSpared: reader.number('spared', form.spared) / 100,
    faces: form.faces,
    newComb: form.newComb === 'yes',
  };
  const fields: Readonly<Record<string, string>> = {
    secondsPerFrame: 'seconds',
    lossShare: 'loss',
    combSpared: 'spared',
  };
  return reader.finish(ownToolContentSchema, candidate, (path) => fields[path] ?? path);
}

/** The fields of a frame weighed twice as they are typed. */
export interface FrameWeighingForm {
  label: string;
  before: string;
  after: string;
  tare: string;
  plusMinus: string;
}

export function frameWeighingFormOf(
  content: FrameWeighingContent | null,
  tareKg: number,
  preferences: Preferences,
): FrameWeighingForm {
  const unit = unitOf('mass', preferences);
  const kg = (value: number): string => decimalText(unit.fromBase(value), 3);
  return {
    label: content?.label ?? '',
    before: content ? kg(content.beforeKg) : '',
    after: content ? kg(content.afterKg) : '',
    tare: kg(content?.tareKg ?? tareKg),
    plusMinus: kg(content?.plusMinusKg ?? 0.05),
  };
}

/** The two weighings that the form says, or what is wrong in which field. */
export function readFrameWeighingForm(
  form: FrameWeighingForm,
  preferences: Preferences,
  takenAt: string,
): Parsed<FrameWeighingContent> {
  const reader = new FormReader(preferences);
  const candidate = {
    label: form.label,
    takenAt,
    beforeKg: reader.quantity('before', form.before, 'mass'),
    afterKg: reader.quantity('after', form.after, 'mass'),
    tareKg: reader.quantity('tare', form.tare, 'mass'),
    plusMinusKg: reader.plusMinus('plusMinus', form.plusMinus, 'mass'),
  };
  const fields: Readonly<Record<string, string>> = {
    beforeKg: 'before',
    afterKg: 'after',
    tareKg: 'tare',
    plusMinusKg: 'plusMinus',
  };
  return reader.finish(frameWeighingContentSchema, candidate, (path) => fields[path] ?? path);
}

/** The fields of a pail that is put under an open gate. */
export interface PourForm {
  label: string;
  full: string;
  start: string;
  meshClean: 'yes' | 'no';
}

/** A pail put under the gate at `openedAt`, or what is wrong in which field. */
export function readPourForm(
  form: PourForm,
  preferences: Preferences,
  { openedAt, expectedKgPerMin }: Pick<PourContent, 'openedAt' | 'expectedKgPerMin'>,
): Parsed<PourContent> {
  const reader = new FormReader(preferences);
  const candidate = {
    label: form.label,
    fullKg: reader.quantity('full', form.full, 'mass'),
    openedAt,
    expectedKgPerMin,
    startKg: reader.quantity('start', form.start, 'mass'),
    meshClean: form.meshClean === 'yes',
    marks: [],
    closedAt: null,
  };
  const fields: Readonly<Record<string, string>> = { fullKg: 'full', startKg: 'start' };
  return reader.finish(pourContentSchema, candidate, (path) => fields[path] ?? path);
}
