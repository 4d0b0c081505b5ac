import { isMeasured } from '../belief';
import type { UnknownKind } from '../evidence';
import type { Found, Rule } from '../rule';

const UNKNOWN_SENTENCES: Readonly<Record<UnknownKind, string>> = {
  'rule-set':
    'The rule set of this lot is not in these books, so the limits of the first one stand in for it: choose a rule set for the lot, or bring in the file that has it.',
  school:
    'The rule by which its frames were judged is not in these books, so four fifths stood in for it: choose a rule for that day, and look at the frames again.',
  'frame-format':
    'The frame size of a box is not in these books, so another one stood in for it and the kilograms may be wrong: choose the frame size of the box.',
};

export const unknownReferences: Rule = {
  id: 'unknown-references',
  title: 'Named, and not to be found',
  source: { name: 'nothing is put in the place of what is missing', standing: 'our choice' },
  needs: ['lot'],
  find: ({ evidence }) =>
    (evidence.unknown ?? []).map((one): Found => ({
      bearing: 'measure',
      step: 'correct-records',
      sentence: UNKNOWN_SENTENCES[one],
    })),
};

export const unaskedBoxes: Rule = {
  id: 'unasked-boxes',
  title: 'Treated or fed?',
  source: { name: 'label of the product and local rules', standing: 'common practice, no source' },
  needs: ['circumstances'],
  find: ({ evidence, belief }) =>
    (evidence.unasked ?? []).map(({ label, frames }): Found => ({
      bearing: 'measure',
      step: 'ask-treated',
      sentence: `${frames === 1 ? '1 frame' : `${frames} frames`} of ${label} came from boxes that are not in the book${isMeasured(belief) ? ', and no meter finds a treatment' : ''}: were their hives treated or fed while the boxes were on? Say so before the honey is used.`,
    })),
};

export const unsettledRivals: Rule = {
  id: 'unsettled-rivals',
  title: 'Two versions side by side',
  source: { name: 'nothing is decided by the later clock', standing: 'our choice' },
  needs: [],
  find: ({ evidence }) => {
    const count = evidence.rivals ?? 0;
    if (count === 0) return [];
    const what = count === 1 ? 'One record' : `${count} records`;
    const sentence = `${what} of this lot came in from elsewhere in another version: choose which one is right, then decide.`;
    return [{ bearing: 'measure', step: 'correct-records', sentence }];
  },
};
