import { flowerSupport } from '../../quality/flowerName';
import { judgeLaboratory, type LabJudgement } from '../../quality/laboratory';
import type { Fault, Impurity } from '../../quality/senses';
import type { Found, Rule } from '../rule';
import { allOf, listed, type Message, say } from '../../message/message';

/** Decimals that laboratories print for each quantity. */
const DIGITS: Readonly<Record<string, number>> = { conductivity: 2, insoluble: 2 };

function valueWords({ id, value, unit }: LabJudgement): Message {
  const digits = DIGITS[id] ?? 1;
  const doubt = value.expanded === null ? '' : ` ± ${value.expanded.toFixed(digits)}`;
  return say('rules.labValue', { value: value.value.toFixed(digits), doubt, unit });
}

/** Over a limit of composition: HMF and diastase leave baker's honey, the rest leave the name. */
const REMEDY: Readonly<Record<string, Message>> = {
  hmf: say('rules.overheatedOrOldForCooking'),
  diastase: say('rules.heatedOrNaturallyLowIn'),
  sugars: say('rules.notTheCompositionOfHoney'),
  sucrose: say('rules.someFlowersAreAllowedMore'),
  insoluble: say('rules.strainOrSettleItAgain'),
  conductivity: say('rules.declareAnotherCategoryOrOne'),
};

function judged(judgement: LabJudgement, from: string): Found {
  const { id, name, side, limit, decision, unit } = judgement;
  const than = side === 'upper' ? say('rules.atMost') : say('rules.atLeast');
  const figure = say('rules.askedFor', {
    name,
    valueWords: valueWords(judgement),
    from,
    than,
    limit,
    unit,
  });
  switch (decision) {
    case 'conforms':
      return { bearing: 'note', sentence: say('rules.within', { figure }) };
    case 'not-settled':
      return {
        bearing: 'condition',
        short: say('rules.haveMeasuredAgain', { name }),
        sentence: say('rules.notSettledWithinItsOwn', { figure }),
      };
    case 'over': {
      const mild = id === 'insoluble' || id === 'conductivity';
      return {
        bearing: mild ? 'condition' : 'divert',
        ...(mild && {
          short:
            id === 'insoluble'
              ? say('rules.strainItAgain')
              : say('rules.declareAnotherKindOfHoney'),
        }),
        sentence: say('rules.notMet', {
          figure,
          remedy: REMEDY[id] ?? say('rules.askTheLaboratory'),
        }),
      };
    }
  }
}

export const laboratoryLimits: Rule = {
  id: 'laboratory-limits',
  title: say('rules.laboratoryValues'),
  source: {
    name: say('rules.codexCxsEuEcJcgm'),
    standing: 'recalled',
  },
  needs: ['lot'],
  find: ({ evidence }) => {
    const { laboratory, claimed = { category: null, claims: [] } } = evidence;
    if (!laboratory) return [];
    return judgeLaboratory(laboratory, claimed).map((labJudgement) =>
      judged(labJudgement, laboratory.from),
    );
  },
};

const IMPURITY_WORDS: Readonly<Record<Impurity, Message>> = {
  wax: say('rules.wax'),
  bees: say('rules.partsOfBees'),
  brood: say('rules.brood'),
  wood: say('rules.wood'),
  other: say('rules.somethingElse'),
};

function sensesFound(fault: Fault): Found[] {
  switch (fault) {
    case 'smoke':
    case 'caramel':
    case 'musty':
    case 'metallic':
      return [
        {
          bearing: 'condition',
          short: say('rules.tasteItAgainWithSomeone'),
          sentence: say('rules.aTasteItAgainWith', {
            part:
              fault === 'caramel' ? say('rules.tasteOfCaramelHeat') : say('rules.note', { fault }),
          }),
        },
      ];
    case 'repellent': // blocks every use, see `blocksOf`
    case 'sour':
    case 'yeasty':
    case 'boozy':
      return [];
  }
}

export const sensesAndPurity: Rule = {
  id: 'senses-and-purity',
  title: say('rules.smellTasteAndPurity'),
  source: { name: say('rules.whatPeopleSmellTasteAnd'), standing: 'practice' },
  needs: ['lot'],
  find: ({ evidence }) => {
    const { senses } = evidence;
    if (!senses) return [];
    const found = senses.faults.flatMap(sensesFound);
    if (senses.foam === 'thick') {
      found.push({
        bearing: 'condition',
        short: say('rules.letItSettleAndSkim'),
        sentence: say('rules.thickFoamOnTopLet'),
      });
    }
    if (senses.impurities.length > 0) {
      const what = listed(senses.impurities.map((impurity) => IMPURITY_WORDS[impurity]));
      found.push({
        bearing: 'condition',
        short: say('rules.strainOrSettleItAgain'),
        sentence: say('rules.seenInItStrainOr', { what }),
      });
    }
    return found;
  },
};

type FlowerPart = 'pollen' | 'conductivity' | 'senses';

const PART_WORDS: Readonly<Record<FlowerPart, Message>> = {
  pollen: say('rules.pollen'),
  conductivity: say('rules.conductivity'),
  senses: say('rules.senses'),
};

export const flowerName: Rule = {
  id: 'flower-name',
  title: say('rules.nameOfTheFlower'),
  source: {
    name: say('rules.pollenConductivityAndSenses'),
    standing: 'recalled',
  },
  needs: ['lot'],
  find: ({ evidence }) => {
    const { flower } = evidence;
    if (!flower || flower.plant.trim() === '') return [];
    const support = flowerSupport(flower);
    const parts = ['pollen', 'conductivity', 'senses'] as const;
    const named = (wanted: string): FlowerPart[] =>
      parts.filter((part) => support[part] === wanted);
    switch (support.verdict) {
      case 'supported':
        return [
          {
            bearing: 'note',
            sentence: say('rules.onTheLabelIsSupported', { plant: flower.plant }),
          },
        ];
      case 'not-supported':
        return [
          {
            bearing: 'condition',
            short: say('rules.nameNoSingleFlower'),
            sentence: say('rules.onTheLabelIsNot', {
              plant: flower.plant,
              parts: allOf(named('against').map((part) => PART_WORDS[part])),
              number: named('against').length === 1 && !named('against').includes('senses') ? 1 : 2,
            }),
          },
        ];
      case 'open':
        return [
          {
            bearing: 'note',
            sentence: say('rules.onTheLabelIsOpen', {
              plant: flower.plant,
              parts: allOf(named('not-known').map((part) => PART_WORDS[part])),
            }),
          },
        ];
    }
  },
};
