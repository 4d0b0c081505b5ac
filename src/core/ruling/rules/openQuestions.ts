import { isMeasured } from '../belief';
import type { UnknownKind } from '../evidence';
import type { Found, Rule } from '../rule';
import { type Message, say } from '../../message/message';

const UNKNOWN_SENTENCES: Readonly<Record<UnknownKind, Message>> = {
  'rule-set': say('rules.theRuleSetOfThis'),
  school: say('rules.theRuleItsFramesWere'),
  'frame-format': say('rules.theFrameSizeOfA'),
};

export const unknownReferences: Rule = {
  id: 'unknown-references',
  title: say('rules.missingRecords'),
  source: { name: say('rules.nothingIsSilentlyReplaced'), standing: 'choice' },
  needs: ['lot'],
  find: ({ evidence }) =>
    (evidence.unknown ?? []).map((value): Found => ({
      bearing: 'measure',
      step: 'correct-records',
      sentence: UNKNOWN_SENTENCES[value],
    })),
};

export const unaskedBoxes: Rule = {
  id: 'unasked-boxes',
  title: say('rules.treatedOrFed'),
  source: { name: say('rules.labelOfTheProductAnd'), standing: 'practice' },
  needs: ['circumstances'],
  find: ({ evidence, belief }) =>
    (evidence.unasked ?? []).map(({ label, frames }): Found => ({
      bearing: 'measure',
      step: 'ask-treated',
      sentence: say('rules.framesOfCameFromBoxes', {
        frames,
        label,
        meter: isMeasured(belief) ? say('rules.andNoMeterCanShow') : '',
      }),
    })),
};

export const unsettledRivals: Rule = {
  id: 'unsettled-rivals',
  title: say('rules.twoVersionsSideBySide'),
  source: { name: say('rules.nothingIsDecidedByThe'), standing: 'choice' },
  needs: [],
  find: ({ evidence }) => {
    const count = evidence.rivals ?? 0;
    if (count === 0) return [];
    const sentence = say('rules.recordsOfThisLotCame', { count });
    return [{ bearing: 'measure', step: 'correct-records', sentence }];
  },
};
