import {
  colonyContentSchema,
  type ColonyContent,
  type KeepTarget,
  type Preferences,
} from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** A hive as it is typed. */
export interface ColonyForm {
  yardId: string;
  name: string;
  keepBy: 'nothing' | 'mass' | 'frames';
  keep: string;
  health: ColonyContent['health'];
  remark: string;
}

export function freshColony(yardId: string): ColonyForm {
  return { yardId, name: '', keepBy: 'nothing', keep: '', health: 'sound', remark: '' };
}

export function colonyFormOf(content: ColonyContent, preferences: Preferences): ColonyForm {
  const { keep, ...same } = content;
  if (!keep) return { ...same, keepBy: 'nothing', keep: '' };
  const amount = keep.by === 'frames' ? keep.frames : unitOf('mass', preferences).fromBase(keep.kg);
  return { ...same, keepBy: keep.by, keep: decimalText(amount, 1) };
}

function keepOf(form: ColonyForm, reader: FormReader): KeepTarget | null {
  switch (form.keepBy) {
    case 'nothing':
      return null;
    case 'mass':
      return { by: 'mass', kg: reader.quantity('keep', form.keep, 'mass') };
    case 'frames':
      return { by: 'frames', frames: reader.number('keep', form.keep) };
  }
}

export function readColonyForm(form: ColonyForm, preferences: Preferences): Parsed<ColonyContent> {
  const reader = new FormReader(preferences);
  const { yardId, name, health, remark } = form;
  const keep = keepOf(form, reader);
  return reader.finish(colonyContentSchema, { yardId, name, keep, health, remark }, (path) =>
    path.startsWith('keep') ? 'keep' : path,
  );
}
