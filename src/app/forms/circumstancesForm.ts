import { NO_CIRCUMSTANCES, type OutsideBoxes } from '../../core';
import {
  circumstancesContentSchema,
  pieceContentSchema,
  type CircumstancesContent,
  type PieceContent,
  type Preferences,
} from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** What else bears on a lot, as it is typed. */
export interface CircumstancesForm extends Omit<
  CircumstancesContent,
  'treated' | 'wetEquipment' | 'lastFlowInBoxes' | 'outsideBoxes'
> {
  outsideBoxes: OutsideBoxes;
  product: string;
  freeFrom: string;
  /** things that were so */
  also: ('wet-equipment' | 'last-flow')[];
}

/** A form filled from what was said last; nothing said where nothing was. */
export function circumstancesFormOf(content: CircumstancesContent | null): CircumstancesForm {
  const { treated, wetEquipment, lastFlowInBoxes, ...said } = content ?? {
    ...NO_CIRCUMSTANCES,
    residues: [],
    treated: null,
    remark: '',
  };
  return {
    ...said,
    outsideBoxes: content?.outsideBoxes ?? 'not-said',
    residues: [...said.residues],
    product: treated?.product ?? '',
    freeFrom: treated?.freeFrom ?? '',
    also: [
      ...(wetEquipment ? (['wet-equipment'] as const) : []),
      ...(lastFlowInBoxes ? (['last-flow'] as const) : []),
    ],
  };
}

const CIRCUMSTANCE_FIELDS: Readonly<Record<string, string>> = {
  'treated.product': 'product',
  'treated.freeFrom': 'freeFrom',
};

export function readCircumstancesForm(
  form: CircumstancesForm,
  preferences: Preferences,
): Parsed<CircumstancesContent> {
  const { product, freeFrom, also, ...said } = form;
  const isTreated = product.trim() !== '' || freeFrom !== '';
  const candidate = {
    ...said,
    treated: isTreated ? { product, freeFrom } : null,
    wetEquipment: also.includes('wet-equipment'),
    lastFlowInBoxes: also.includes('last-flow'),
  };
  return new FormReader(preferences).finish(
    circumstancesContentSchema,
    candidate,
    (path) => CIRCUMSTANCE_FIELDS[path] ?? path,
  );
}

/** A piece of comb honey as it is typed. */
export interface PieceForm {
  label: string;
  cappedTenths: string;
  seen: ('weeping' | 'foreign')[];
  mass: string;
  /** corrected reading of a sacrificed piece; empty for a whole one */
  moisture: string;
  plusMinus: string;
  remark: string;
}

export function pieceFormOf(
  content: PieceContent | null,
  preferences: Preferences,
  label = '',
): PieceForm {
  const mass = unitOf('mass', preferences);
  if (!content) {
    return {
      label,
      cappedTenths: '10',
      seen: [],
      mass: '',
      moisture: '',
      plusMinus: '',
      remark: '',
    };
  }
  return {
    label: content.label,
    cappedTenths: String(content.cappedTenths),
    seen: [
      ...(content.weeping ? (['weeping'] as const) : []),
      ...(content.foreign ? (['foreign'] as const) : []),
    ],
    mass: content.massKg === null ? '' : decimalText(mass.fromBase(content.massKg), 3),
    moisture: content.sacrificed ? decimalText(content.sacrificed.percent, 1) : '',
    plusMinus: content.sacrificed ? decimalText(content.sacrificed.plusMinus, 1) : '',
    remark: content.remark,
  };
}

const PIECE_FIELDS: Readonly<Record<string, string>> = {
  massKg: 'mass',
  'sacrificed.percent': 'moisture',
  'sacrificed.plusMinus': 'plusMinus',
};

/** What a reading in the comb may be off by where nobody says [%]. @source our choice, no source */
const USUAL_DOUBT = '0.5';

export function readPieceForm(form: PieceForm, preferences: Preferences): Parsed<PieceContent> {
  const reader = new FormReader(preferences);
  const { label, seen, remark } = form;
  const candidate = {
    label,
    cappedTenths: Number(form.cappedTenths),
    weeping: seen.includes('weeping'),
    foreign: seen.includes('foreign'),
    massKg: form.mass.trim() === '' ? null : reader.quantity('mass', form.mass, 'mass'),
    sacrificed:
      form.moisture.trim() === ''
        ? null
        : {
            percent: reader.number('moisture', form.moisture),
            plusMinus: reader.number('plusMinus', form.plusMinus.trim() || USUAL_DOUBT),
          },
    remark,
  };
  return reader.finish(pieceContentSchema, candidate, (path) => PIECE_FIELDS[path] ?? path);
}
