import { ownFormatContentSchema, type OwnFormatContent, type Preferences } from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** A frame format as it is typed. */
export interface FormatForm {
  name: string;
  area: string;
  frameTare: string;
  boxTare: string;
}

export const FRESH_FORMAT: FormatForm = { name: '', area: '', frameTare: '', boxTare: '' };

export function formatFormOf(content: OwnFormatContent, preferences: Preferences): FormatForm {
  const mass = unitOf('mass', preferences);
  return {
    name: content.name,
    area: decimalText(content.areaDm2),
    frameTare: decimalText(mass.fromBase(content.frameTareKg)),
    boxTare: decimalText(mass.fromBase(content.boxTareKg)),
  };
}

const FIELD_OF: Readonly<Record<string, string>> = {
  areaDm2: 'area',
  frameTareKg: 'frameTare',
  boxTareKg: 'boxTare',
};

export function readFormatForm(
  form: FormatForm,
  preferences: Preferences,
): Parsed<OwnFormatContent> {
  const reader = new FormReader(preferences);
  const candidate = {
    name: form.name,
    areaDm2: reader.number('area', form.area),
    frameTareKg: reader.quantity('frameTare', form.frameTare, 'mass'),
    boxTareKg: reader.quantity('boxTare', form.boxTare, 'mass'),
  };
  return reader.finish(ownFormatContentSchema, candidate, (path) => FIELD_OF[path] ?? path);
}
