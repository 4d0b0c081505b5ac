import { KG_PER_OUNCE } from '../../core';
import { DEFAULT_PREFERENCES, type Preferences } from '../../records';
import { formatQuantity, unitOf, type Quantity } from '../format/units';

const FIXED = /\[(−?)(\d+(?:\.\d+)?) (°C|K|kg)\]/g;

let inForce: Preferences = DEFAULT_PREFERENCES;

/** From now on messages tell their fixed quantities in these units. */
export function tellIn(units: Preferences): void {
  inForce = units;
}

/** A quantity [°C, kg, L or cm] in the unit in force. */
export const inUnits = (value: number, quantity: Quantity, digits = 1): string =>
  formatQuantity(value, quantity, inForce, digits);

/** A mass [kg] that is weighed on a kitchen scale, in grams or ounces. */
export const smallMass = (kg: number): string =>
  inForce.massUnit === 'kg'
    ? `${(1000 * kg).toFixed(0)} g`
    : `${(kg / KG_PER_OUNCE).toFixed(1)} oz`;

/** A fixed quantity in the unit in force: as it stands, or as exact as somebody would say it. */
function quantityIn(value: number, unit: string): string {
  const temperature = unitOf('temperature', inForce);
  if (unit === 'K') {
    const apart = temperature.fromBase(value) - temperature.fromBase(0);
    return `${Math.round(apart)} ${temperature.name}`;
  }
  const quantity = unit === 'kg' ? 'mass' : 'temperature';
  const isAsWritten = unitOf(quantity, inForce).name === unit;
  return inUnits(value, quantity, isAsWritten && value % 1 !== 0 ? 1 : 0);
}

/**
 * A text with its fixed quantities, `[27 °C]` and `[30 kg]`, in the units in force; `[5 K]` is a
 * difference of temperatures. What a label or a method gives in one unit stands without brackets.
 */
export const inKeepersUnits = (text: string): string =>
  text.replace(FIXED, (_, sign: string, amount: string, unit: string) =>
    quantityIn((sign ? -1 : 1) * Number(amount), unit).replace('-', '−'),
  );

/** Whether a text changes with the units. */
export const hasQuantity = (text: string): boolean => text.search(FIXED) >= 0;
