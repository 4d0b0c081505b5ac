import { afterEach, describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES } from '../../records';
import { inKeepersUnits, inUnits, smallMass, tellIn } from './keepersUnits';
import { messages } from './messages';

const inFahrenheit = (): void =>
  tellIn({ ...DEFAULT_PREFERENCES, temperatureUnit: 'F', massUnit: 'lb' });

const words = messages('test', {
  cool: 'Let {boxes, plural, one {# box} other {# boxes}} cool below [27 °C].',
  lift: 'A full box can weigh over [30 kg].',
});

describe('quantities in a text', () => {
  afterEach(() => tellIn(DEFAULT_PREFERENCES));

  test('stand as written for those who measure so', () => {
    expect(inKeepersUnits('below [27 °C], [−18 °C], [12.5 kg], [5 K] warmer')).toBe(
      'below 27 °C, −18 °C, 12.5 kg, 5 °C warmer',
    );
  });

  test('follow the units, differences as differences', () => {
    inFahrenheit();
    expect(inKeepersUnits('below [27 °C], [−30 °C], [12.5 kg], [5 K] warmer')).toBe(
      'below 81 °F, −22 °F, 28 lb, 9 °F warmer',
    );
  });

  test('follow a change of units in a sentence that was said before', () => {
    expect(words.cool({ boxes: 2 })).toBe('Let 2 boxes cool below 27 °C.');
    inFahrenheit();
    expect(words.cool({ boxes: 1 })).toBe('Let 1 box cool below 81 °F.');
    expect(words.lift()).toBe('A full box can weigh over 66 lb.');
  });

  test('of other units and of other brackets are left alone', () => {
    inFahrenheit();
    expect(inKeepersUnits('In it now [lb], 20 °C on the label, [1,000 µm]')).toBe(
      'In it now [lb], 20 °C on the label, [1,000 µm]',
    );
  });
});

test('a little is weighed in grams or ounces, anything else in the units chosen', () => {
  expect([smallMass(0.0905), inUnits(20, 'temperature', 0)]).toEqual(['91 g', '20 °C']);
  inFahrenheit();
  expect([smallMass(0.0905), inUnits(20, 'temperature', 0)]).toEqual(['3.2 oz', '68 °F']);
  tellIn(DEFAULT_PREFERENCES);
});
