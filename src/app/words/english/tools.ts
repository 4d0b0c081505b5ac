import { messages } from '../messages';

export const toolsWords = messages('tools', {
  withoutAnExtractor: 'Without an extractor',
  waysCompared: 'Ways by hand, compared',
  way: 'Way',
  work: 'Work',
  runsFor: 'Then runs for',
  honeyOut: 'Honey',
  combLeft: 'Comb left',
  howEachGoes: 'How each goes',
  usualFigures: 'Usual figures, no source; how long it runs follows from warmth and water.',
  crush: 'Crush and strain',
  press: 'Press',
  drain: 'Let it drain',
  sections: 'Cut as comb honey',
  crushHow:
    'Cut the comb into a clean pail, crush it, hang it in a coarse bag over the next pail and leave it warm, covered, overnight. Never squeeze pollen or brood with it.',
  pressHow:
    'Crushed comb in a cloth, turned slowly: it is the way for heather, and it presses pollen in. Strain it twice.',
  drainHow:
    'Uncap both sides and stand the frames over a tray, warm and covered, cells slightly down. The comb stays whole; a third or more of the honey stays in it, and the bees get that.',
  sectionsHow:
    'Only comb capped to the edge on both sides, on thin foundation or none. Cut it, let the edges drain, freeze it two days against moth, weigh, pack. What is not capped goes back and is of the next flow.',
  itWalks: 'The extractor walks?',
  walksStop: 'Stop it. Lid shut, hands off until it stands.',
  walksPairs:
    'Hang frames of one weight opposite each other; an odd one gets a wet frame opposite.',
  walksMixed: 'Large frames with large, small with small, two small ones opposite two.',
  walksSlow: 'Begin slowly: half empty on one side, then turn them, then faster.',
  walksBoard:
    'Screw its legs to a board wider than its feet, and stand on the board or weigh it down.',
  walksHold: 'Never hold it by the rim while it runs.',
  waxComesThrough: 'Wax comes through the first strainer?',
  waxTorn:
    'Hold the mesh against the light: one torn wire lets everything through. Look at its rim and seat.',
  waxTooWarm:
    'The honey is nearly as warm as softens wax: soft flakes are pressed through. Let it cool a few degrees.',
  waxTooCoarse: 'The first mesh is coarse: flakes of cappings pass it. Put a finer one under it.',
  waxNoSecond: 'There is one mesh only: a second, finer one catches what passes.',
  waxSettle:
    'Let it stand warm and covered for a day: wax rises, skim it. Straining the same honey again and again beats air into it.',
  wasDoneAt: 'The honey was done at',
  keepThat: 'Keep that',
  wasDoneHelp: 'One time is enough: next year’s plan goes by it.',
  finishNoted: 'Finish noted',
  notATime: 'Type a time such as 16:30, after the day began.',
  wholeDay: 'Set up from {from}, washed up by {to}.',
});
