import { givenContentSchema, type GivenContent, type Preferences } from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** A treatment or feed as it is typed from the label. */
export interface GivenForm {
  givenKind: GivenContent['givenKind'];
  name: string;
  colonyIds: string[];
  fromDay: string;
  toDay: string;
  /** empty: not said yet */
  boxesOn: 'yes' | 'no' | '';
  wait: string;
  fromTemperature: string;
  toTemperature: string;
  remark: string;
}

export function freshGiven(today: string): GivenForm {
  return {
    givenKind: 'treatment',
    name: '',
    colonyIds: [],
    fromDay: today,
    toDay: '',
    boxesOn: '',
    wait: '',
    fromTemperature: '',
    toTemperature: '',
    remark: '',
  };
}

export function givenFormOf(content: GivenContent, preferences: Preferences): GivenForm {
  const degrees = unitOf('temperature', preferences);
  const text = (celsius: number | null): string =>
    celsius === null ? '' : decimalText(degrees.fromBase(celsius), 1);
  const { givenKind, name, colonyIds, fromDay, remark } = content;
  return {
    givenKind,
    name,
    colonyIds,
    fromDay,
    remark,
    toDay: content.toDay ?? '',
    boxesOn: content.boxesOn ? 'yes' : 'no',
    wait: String(content.waitDays),
    fromTemperature: text(content.fromTemperatureC),
    toTemperature: text(content.toTemperatureC),
  };
}

const FIELD_OF: Readonly<Record<string, string>> = {
  waitDays: 'wait',
  fromTemperatureC: 'fromTemperature',
  toTemperatureC: 'toTemperature',
};

export function readGivenForm(form: GivenForm, preferences: Preferences): Parsed<GivenContent> {
  const reader = new FormReader(preferences);
  const degrees = (field: 'fromTemperature' | 'toTemperature'): number | null =>
    form[field].trim() === '' ? null : reader.quantity(field, form[field], 'temperature');
  if (form.boxesOn === '') {
    reader.fail('boxesOn', 'Say whether honey boxes were on the hive meanwhile.');
  }
  if (form.wait.trim() === '') {
    reader.fail('wait', 'Type the days from the label; 0 only where the label says none.');
  }
  const { givenKind, name, colonyIds, fromDay, remark } = form;
  const candidate = {
    givenKind,
    name,
    colonyIds,
    fromDay,
    remark,
    toDay: form.toDay === '' ? null : form.toDay,
    boxesOn: form.boxesOn === 'yes',
    waitDays: form.wait.trim() === '' ? 0 : reader.number('wait', form.wait),
    fromTemperatureC: degrees('fromTemperature'),
    toTemperatureC: degrees('toTemperature'),
  };
  return reader.finish(givenContentSchema, candidate, (path) => FIELD_OF[path] ?? path);
}
