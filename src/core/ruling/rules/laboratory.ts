import { flowerSupport } from '../../quality/flowerName';
import { judgeLaboratory, type LabJudgement } from '../../quality/laboratory';
import type { Fault, Impurity } from '../../quality/senses';
import type { Found, Rule } from '../rule';

/** Decimals that laboratories print for each quantity. */
const DIGITS: Readonly<Record<string, number>> = { conductivity: 2, insoluble: 2 };

function valueWords({ id, value, unit }: LabJudgement): string {
  const digits = DIGITS[id] ?? 1;
  const doubt = value.expanded === null ? '' : ` ± ${value.expanded.toFixed(digits)}`;
  return `${value.value.toFixed(digits)}${doubt} ${unit}`;
}

/** Over a limit of composition: HMF and diastase leave baker's honey, the rest leave the name. */
const REMEDY: Readonly<Record<string, string>> = {
  hmf: 'overheated or old: for cooking only where local rules know that grade, never fed back to bees',
  diastase:
    'heated, or poor in enzymes by nature, which must then be shown: for cooking only where local rules know that grade',
  sugars: 'not the composition of honey as declared: ask the laboratory before selling it',
  sucrose:
    'some flowers are allowed more; unripe honey or sugar feed also shows so: ask the laboratory',
  insoluble: 'strain or settle it again',
  conductivity: 'declare another category, or one of the flowers that rules except',
};

function judged(judgement: LabJudgement, from: string): Found {
  const { id, name, side, limit, decision, unit } = judgement;
  const than = side === 'upper' ? 'at most' : 'at least';
  const figure = `${name} ${valueWords(judgement)} (${from}), ${than} ${limit} ${unit} asked for`;
  switch (decision) {
    case 'conforms':
      return { bearing: 'note', sentence: `${figure}: within.` };
    case 'not-settled':
      return {
        bearing: 'condition',
        short: `have ${name} measured again`,
        sentence: `${figure}: not settled within its own ±.`,
      };
    case 'over': {
      const mild = id === 'insoluble' || id === 'conductivity';
      return {
        bearing: mild ? 'condition' : 'divert',
        ...(mild && {
          short: id === 'insoluble' ? 'strain it again' : 'declare another kind of honey',
        }),
        sentence: `${figure}: not met; ${REMEDY[id] ?? 'ask the laboratory'}.`,
      };
    }
  }
}

export const laboratoryLimits: Rule = {
  id: 'laboratory-limits',
  title: 'Laboratory values',
  source: {
    name: 'Codex CXS 12-1981; EU 2001/110/EC; JCGM 106:2012',
    standing: 'recalled from memory',
  },
  needs: ['lot'],
  find: ({ evidence }) => {
    const { laboratory, claimed = { category: null, claims: [] } } = evidence;
    if (!laboratory) return [];
    return judgeLaboratory(laboratory, claimed).map((one) => judged(one, laboratory.from));
  },
};

const IMPURITY_WORDS: Readonly<Record<Impurity, string>> = {
  wax: 'wax',
  bees: 'parts of bees',
  brood: 'brood',
  wood: 'wood',
  other: 'something else',
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
          short: 'taste it again with someone else',
          sentence: `A ${fault === 'caramel' ? 'taste of caramel (heat)' : `${fault} note`}: taste it again with someone else before it is sold.`,
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
  title: 'Smell, taste and purity',
  source: { name: 'what people smell, taste and see', standing: 'common practice, no source' },
  needs: ['lot'],
  find: ({ evidence }) => {
    const { senses } = evidence;
    if (!senses) return [];
    const found = senses.faults.flatMap(sensesFound);
    if (senses.foam === 'thick') {
      found.push({
        bearing: 'condition',
        short: 'let it settle and skim it',
        sentence: 'Thick foam on top: let it settle and skim it.',
      });
    }
    if (senses.impurities.length > 0) {
      const what = senses.impurities.map((one) => IMPURITY_WORDS[one]).join(', ');
      found.push({
        bearing: 'condition',
        short: 'strain or settle it again',
        sentence: `Seen in it: ${what}; strain or settle it again.`,
      });
    }
    return found;
  },
};

export const flowerName: Rule = {
  id: 'flower-name',
  title: 'Name of the flower',
  source: {
    name: 'pollen, conductivity and senses together; figures after Persano Oddo & Piro (2004), doubtful',
    standing: 'recalled from memory',
  },
  needs: ['lot'],
  find: ({ evidence }) => {
    const { flower } = evidence;
    if (!flower || flower.plant.trim() === '') return [];
    const support = flowerSupport(flower);
    const parts = (['pollen', 'conductivity', 'senses'] as const).map((one) => [one, support[one]]);
    const named = (wanted: string): string =>
      parts
        .filter(([, value]) => value === wanted)
        .map(([name]) => name)
        .join(' and ');
    switch (support.verdict) {
      case 'supported':
        return [
          {
            bearing: 'note',
            sentence: `“${flower.plant}” on the label is supported by pollen, conductivity and senses.`,
          },
        ];
      case 'not-supported':
        return [
          {
            bearing: 'condition',
            short: 'name no single flower',
            sentence: `“${flower.plant}” on the label is not supported: ${named('against')} speak${named('against').includes(' and ') || named('against') === 'senses' ? '' : 's'} against it; name no single flower.`,
          },
        ];
      case 'open':
        return [
          {
            bearing: 'note',
            sentence: `“${flower.plant}” on the label is open: ${named('not-known')} not known yet; it takes all three.`,
          },
        ];
    }
  },
};
