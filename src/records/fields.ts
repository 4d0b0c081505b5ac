/** Fields that several records share: the one definition of their limits. */
import { COMB_RANGE_C, say, type Message } from '../core';
import { z } from './zod';

/** Most frames that any box or tote has places for. */
export const MOST_SLOTS = 40;

/** Names of the limits that a key has, in the order in which a schema gives them. */
const LIMITS: Readonly<Record<string, readonly string[]>> = {
  between: ['low', 'high'],
  whole: ['low', 'high'],
  atLeast: ['low'],
  tooLong: ['most'],
  tooMany: ['most'],
  year: ['low', 'high'],
  noHoneyShows: ['dialValue', 'low', 'high'],
  notOnReference: ['dialValue', 'low', 'high'],
  wireThickness: ['openingUm', 'low', 'high'],
  longestBatch: ['days'],
};

/** What a schema says of a value that cannot be right: a key, and limits where it has any. */
export const wrong = (key: string, ...limits: readonly number[]): string =>
  [key, ...limits].join(' ');

const SAID = /^[a-z][A-Za-z]*( -?[\d.]+(e[+-]?\d+)?)*$/;

/** What is wrong with a value, as a message; what no schema of ours says is reported as such. */
export function wrongMessage(text: string): Message {
  if (!SAID.test(text)) return say('records.notRight');
  const [key = '', ...limits] = text.split(' ');
  const names = LIMITS[key] ?? [];
  return say(
    `records.${key}`,
    Object.fromEntries(names.map((name, at) => [name, Number(limits[at])])),
  );
}

/** A limit that was computed, with as many digits as a dial can show. */
export const roughly = (limit: number): number => Number(limit.toPrecision(4));

/** A number within limits. */
export const between = (low: number, high: number) => {
  const text = wrong('between', low, high);
  return z.number(text).min(low, text).max(high, text);
};

/** A whole number within limits. */
export const wholeBetween = (low: number, high: number) => {
  const text = wrong('whole', low, high);
  return z.number(text).int(text).min(low, text).max(high, text);
};

/** A number that is not below a limit. */
export const atLeast = (low: number) => z.number().min(low, wrong('atLeast', low));

/** Text of so many characters at most; may be empty. */
export const textField = (most: number) => z.string().trim().max(most, wrong('tooLong', most));

/** Text that has to be there. */
export const requiredText = (most: number, missing = 'missing') =>
  z.string().trim().min(1, missing).max(most, wrong('tooLong', most));

export const nameField = (most = 60) => requiredText(most, 'nameMissing');

export const remarkField = textField(1000);

/** Characters of a reason at most. */
export const MOST_REASON = 500;

export const reasonField = textField(MOST_REASON);

export const shareTenths = z.number().int().min(0).max(10);

export const slotField = z.number().int().min(1).max(MOST_SLOTS);

/** Of comb or of the air around it [°C]; null where not known. */
export const airTemperatureField = between(...COMB_RANGE_C).nullable();
