import type { Amount } from '../../core';
import {
  containerContentSchema,
  type ContainerContent,
  type ContainerKind,
  type Preferences,
  type Suspicion,
} from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** The fields of a container entry as they are typed. */
export interface ContainerForm {
  containerKind: ContainerKind;
  label: string;
  count: string;
  amountBy: Amount['by'] | 'unknown';
  /** mass, volume or fill height, by `amountBy` */
  amount: string;
  diameter: string;
  plusMinus: string;
  /** marked at the bench; kept as they are while the rest is corrected */
  suspects: { item: number; because: Suspicion }[];
}

export const FRESH_CONTAINER: ContainerForm = {
  containerKind: 'bucket',
  label: 'Bucket',
  count: '1',
  amountBy: 'unknown',
  amount: '',
  diameter: '',
  plusMinus: '',
  suspects: [],
};

function amountTexts(amount: Amount, preferences: Preferences): Partial<ContainerForm> {
  const text = (value: number, quantity: 'mass' | 'volume' | 'length'): string =>
    decimalText(unitOf(quantity, preferences).fromBase(value));
  switch (amount.by) {
    case 'mass':
      return { amount: text(amount.massKg, 'mass'), plusMinus: text(amount.plusMinusKg, 'mass') };
    case 'volume':
      return {
        amount: text(amount.volumeL, 'volume'),
        plusMinus: text(amount.plusMinusL, 'volume'),
      };
    case 'fill-height':
      return {
        amount: text(amount.fillHeightCm, 'length'),
        diameter: text(amount.innerDiameterCm, 'length'),
        plusMinus: text(amount.plusMinusCm, 'length'),
      };
  }
}

/** A form filled from a container entry. */
export function containerFormOf(
  content: ContainerContent,
  preferences: Preferences,
): ContainerForm {
  const { containerKind, label, count, amount, suspects } = content;
  return {
    ...FRESH_CONTAINER,
    containerKind,
    label,
    count: String(count),
    suspects: suspects.map((one) => ({ ...one })),
    amountBy: amount?.by ?? 'unknown',
    ...(amount ? amountTexts(amount, preferences) : {}),
  };
}

function readAmount(form: ContainerForm, reader: FormReader): Amount | null {
  switch (form.amountBy) {
    case 'unknown':
      return null;
    case 'mass':
      return {
        by: 'mass',
        massKg: reader.quantity('amount', form.amount, 'mass'),
        plusMinusKg: reader.plusMinus('plusMinus', form.plusMinus, 'mass'),
      };
    case 'volume':
      return {
        by: 'volume',
        volumeL: reader.quantity('amount', form.amount, 'volume'),
        plusMinusL: reader.plusMinus('plusMinus', form.plusMinus, 'volume'),
      };
    case 'fill-height':
      return {
        by: 'fill-height',
        innerDiameterCm: reader.quantity('diameter', form.diameter, 'length'),
        fillHeightCm: reader.quantity('amount', form.amount, 'length'),
        plusMinusCm: reader.plusMinus('plusMinus', form.plusMinus, 'length'),
      };
  }
}

function fieldOf(path: string): string {
  if (path.includes('innerDiameterCm')) return 'diameter';
  if (path.includes('plusMinus')) return 'plusMinus';
  return path.startsWith('amount') ? 'amount' : path;
}

/** The container entry that the form says, or what is wrong in which field. */
export function readContainerForm(
  form: ContainerForm,
  preferences: Preferences,
): Parsed<ContainerContent> {
  const reader = new FormReader(preferences);
  const { containerKind, label } = form;
  const count = reader.number('count', form.count);
  const amount = readAmount(form, reader);
  const suspects = form.suspects.filter((one) => one.item <= count);
  const candidate = { containerKind, label, count, amount, suspects };
  return reader.finish(containerContentSchema, candidate, fieldOf);
}
