import { describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES } from '../../../records';
import type { Parsed } from '../../entry/reader';
import { typedIn } from '../../test/typedIn';
import {
  circumstancesFormOf,
  pieceFormOf,
  readCircumstancesForm,
  readPieceForm,
} from './circumstancesForm';

const METRIC = DEFAULT_PREFERENCES;

function errorsOf(parsed: Parsed<unknown>): Record<string, string> {
  const errors = parsed.ok ? {} : parsed.errors;
  return Object.fromEntries(Object.entries(errors).map(([field, one]) => [field, one.sentence]));
}

function contentOf<T>(parsed: Parsed<T>): T {
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.errors));
  return parsed.content;
}

describe('what else bears on a lot', () => {
  test('comes back as it was typed', () => {
    const form = {
      ...circumstancesFormOf(null, METRIC),
      treated: { product: 'strips', freeFrom: '2026-08-20' },
      also: ['last-flow' as const],
      brood: 'sealed' as const,
    };
    const content = contentOf(readCircumstancesForm(form, METRIC));
    expect(content).toMatchObject({
      treated: { product: 'strips', freeFrom: '2026-08-20' },
      lastFlowInBoxes: true,
      wetEquipment: false,
    });
    expect(circumstancesFormOf(content, METRIC)).toEqual(form);
  });

  test('a product without its day, or a day without its product, is asked for', () => {
    const fresh = circumstancesFormOf(null, METRIC);
    expect(
      errorsOf(readCircumstancesForm(typedIn(fresh, { 'treated.product': 'strips' }), METRIC)),
    ).toEqual({
      'treated.freeFrom': 'Choose a day.',
    });
    expect(
      Object.keys(
        errorsOf(
          readCircumstancesForm(typedIn(fresh, { 'treated.freeFrom': '2026-08-20' }), METRIC),
        ),
      ),
    ).toEqual(['treated.product']);
  });
});

describe('a piece of comb', () => {
  test('is whole, or sacrificed with a usual doubt', () => {
    const fresh = pieceFormOf(null, METRIC, '4');
    expect(contentOf(readPieceForm(fresh, METRIC))).toMatchObject({
      label: '4',
      cappedTenths: 10,
      sacrificed: null,
      massKg: null,
    });
    const cut = contentOf(
      readPieceForm(typedIn(fresh, { 'sacrificed.percent': '17.2', seen: ['weeping'] }), METRIC),
    );
    expect(cut).toMatchObject({
      sacrificed: { percent: 17.2, plusMinus: 0.5 },
      weeping: true,
      foreign: false,
    });
    expect(pieceFormOf(cut, METRIC)).toMatchObject({
      sacrificed: { percent: '17.2', plusMinus: '0.5' },
      seen: ['weeping'],
    });
    expect(
      Object.keys(errorsOf(readPieceForm(typedIn(fresh, { 'sacrificed.percent': '70' }), METRIC))),
    ).toEqual(['sacrificed.percent']);
  });
});
