const { default: Sequencer } = require('@jest/test-sequencer');

/** Suites that take longest: started last, one of them would run alone while the other core rests. */
const SLOW = [
  'comb',
  'lots',
  'line',
  'edges',
  'bench',
  'store',
  'photo',
  'everyPlan',
  'refusals',
  'seal',
  'meeting',
  'histories',
  'anyText',
];

const rank = ({ path }) => {
  const at = SLOW.findIndex((name) => path.endsWith(`/${name}.test.ts`));
  return at < 0 ? SLOW.length : at;
};

module.exports = class SlowestFirst extends Sequencer {
  sort(tests) {
    return super.sort(tests).sort((a, b) => rank(a) - rank(b));
  }
};
