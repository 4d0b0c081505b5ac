import type { School } from '../../core';
import { ownSchoolContentSchema, type OwnSchoolContent, type Preferences } from '../../records';
import { decimalText } from '../format/decimal';
import { FormReader, type Parsed } from './parsed';

/** A school as it is typed, shares in percent. */
export interface SchoolForm extends Omit<OwnSchoolContent, 'ripeShare' | 'excusedShare'> {
  ripe: string;
  /** empty: a clean shake excuses nothing */
  excused: string;
}

/** A form that starts from a school, shipped or own. */
export function schoolFormOf(school: School): SchoolForm {
  const { ripeShare, excusedShare } = school;
  const { name, rule, stopsAt, drying, meter, timing, stays, weakPoint } = school;
  return {
    name,
    rule,
    stopsAt,
    drying,
    meter,
    timing,
    stays,
    weakPoint,
    ripe: decimalText(ripeShare * 100, 0),
    excused: excusedShare === null ? '' : decimalText(excusedShare * 100, 0),
  };
}

const FIELD_OF: Readonly<Record<string, string>> = { ripeShare: 'ripe', excusedShare: 'excused' };

export function readSchoolForm(
  form: SchoolForm,
  preferences: Preferences,
): Parsed<OwnSchoolContent> {
  const reader = new FormReader(preferences);
  const { ripe, excused, ...same } = form;
  const excusedPercent = reader.optionalNumber('excused', excused);
  const candidate = {
    ...same,
    ripeShare: reader.number('ripe', ripe) / 100,
    excusedShare: excusedPercent === null ? null : excusedPercent / 100,
  };
  return reader.finish(ownSchoolContentSchema, candidate, (path) => FIELD_OF[path] ?? path);
}
