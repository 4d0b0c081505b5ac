import type { JarFault } from '../../../core';
import { jarCheckContentSchema, type JarCheckContent, type Preferences } from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { codec, moment, several, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed } from '../../entry/reader';
import { decimalText } from '../../format/decimal';
import { jarUnit } from '../../format/jarSize';
import { FAULT_OF_JAR_NAMES } from '../../words/jarCareNames';
import { commonWords } from '../../words/english/common';
import { jarCareWords } from '../../words/english/jarCare';
import { gramsField } from './gramsField';

/** Weights as they are read off the scale, one after another. */
const weightsG: Codec<number[], string> = {
  ...codec<number[], string>(
    {
      as: 'text',
      label: jarCareWords.weights(),
      hint: jarCareWords.weightsHint(),
      unit: (preferences) => jarUnit(preferences).name,
    },
    '',
    (value, preferences) =>
      value.map((each) => decimalText(each / jarUnit(preferences).grams, 1)).join(' '),
    (typed, at) => {
      const { name, grams } = jarUnit(at.preferences);
      const parts = typed.split(/[\s;/]+|,(?!\d)/).filter((part) => part !== '');
      if (parts.length === 0) at.fail(jarCareWords.weightsMissing());
      return parts.map((part) => at.decimal(part, name) * grams);
    },
  ),
  part: gramsField(jarCareWords.weights()),
};

/** Some jars weighed and looked at. */
export const jarCheckEntry = entryOf(jarCheckContentSchema, {
  weightsG,
  tareG: gramsField(jarCareWords.tare(), { hint: jarCareWords.tareHint() }),
  faults: several<JarFault>(jarCareWords.seen(), FAULT_OF_JAR_NAMES),
  at: moment(jarCareWords.whenChecked()),
  remark: words(commonWords.remark()),
});
export type JarCheckForm = FormOf<typeof jarCheckEntry.fields>;

/** The check that a form says; no jar weighs less full than empty. */
export const readJarCheckForm = (
  form: JarCheckForm,
  packingId: string,
  preferences: Preferences,
): Parsed<JarCheckContent> =>
  jarCheckEntry.read(form, preferences, {
    rest: ({ weightsG: weights, tareG }, reader) => {
      if (weights.some((each) => each < tareG)) reader.at('tareG').fail(jarCareWords.tareTooMuch());
      return { packingId };
    },
  });
