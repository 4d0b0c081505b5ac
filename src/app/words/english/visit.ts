import { messages } from '../messages';

export const visitWords = messages('visit', {
  howTheVisitGoes: 'How the visit goes',
  orderOfHives: 'Open the hives in this order',
  hiveInYard: '{name}, {yard}',
  boxesOnIt: '{boxes, plural, one {# box} other {# boxes}}',
  defensiveLast: 'defensive',
  clearTheBees: 'Clear the bees',
  boardsOn:
    'Escape boards on {days, plural, one {a day} other {# days}} ahead, every gap taped: robbers find an open lid.',
  boardsOnUnknown: 'Escape boards on ahead, every gap taped: robbers find an open lid.',
  scentOn:
    'Scented board or cloth on for {minutes, plural, one {# minute} other {# minutes}}, as its label says, one box at a time.',
  scentOnUnknown: 'Scented board or cloth on for the minutes on its label, one box at a time.',
  smoke: 'A little cool smoke and no ash: honey takes up the smell.',
  queen: 'Look for the queen before a frame leaves the hive, above all where no excluder was on.',
  brush:
    'Shake, then brush {frames, plural, one {# frame} other {# frames}}, each into a lidded tote at once: about {minutes, plural, one {# minute} other {# minutes}}.',
  blower:
    'Blower last, for {frames, plural, one {the last frame} other {the last # frames}}. Blowing all of them makes a day of angry bees.',
  scentInCold: 'Below [18 °C] the scent hardly rises: brush instead.',
  scentInHeat:
    'Above [32 °C] scent drives bees out of the hive and stays in the comb: leave it out.',
  boardsOverBrood:
    'There is brood in a box that comes off. Bees do not leave brood through an escape board: take that frame out first.',
  brushInCold: 'Below [12 °C] brushed bees do not find back. Wait for a warmer hour.',
  blowerInCold: 'Below [12 °C] bees that are blown off do not find back. Wait for a warmer hour.',
  totesNeeded:
    '{frames, plural, one {# frame comes} other {# frames come}} off: {needed, plural, one {# closed tote} other {# closed totes}}, and the book has {there}.',
  beforeRobbers: 'Before robbers come',
  doorsReady: 'Doors and windows of the honey house shut, before the first box arrives.',
  coversReady: 'A cover for every open box, and wet cloths at hand.',
  lateStart: 'Begin late, so that dusk ends the day; wet boxes go out at dusk only.',
  waspsReady: 'Where wasps fly, narrow the entrances of weak hives first.',
  beesAreRobbing: 'Bees are robbing',
  robbersWhatNow: 'Robbers: what now',
  lead: 'First stop them from getting more, then send them home. Go on when they have forgotten.',
  where: 'Where',
  atTheHives: 'At the hives',
  inTheHoneyHouse: 'In the honey house',
  who: 'Who',
  bees: 'Bees',
  wasps: 'Wasps',
  closeHives: 'Close every hive that stands open',
  closeHivesWhy: 'A hive that is open is robbed first, and its bees fight.',
  cover: 'Lids on every box and tote, cloths over the rest',
  coverWhy: 'They come back for what they can reach, and bring others.',
  carryIn: 'Everything wet inside: boxes, pails, tools, cloths',
  carryInWhy: 'One lidded wet box beside the door draws thousands.',
  shutDoors: 'Doors and windows shut, gaps taped',
  shutDoorsWhy:
    'Leave one gap in a window high up, darkened elsewhere, where those inside find out and not back.',
  wetSacks: 'Wet sacks or sheets over the hives that are robbed, and a fine spray of water',
  wetSacksWhy: 'Their own bees find under the cloth, strangers do not.',
  narrowEntrances: 'Entrances down to the width of one or two bees, weak hives first',
  narrowEntrancesWhy:
    'A narrow entrance can be guarded. Open it again in the evening, before heat builds up.',
  darkHouse: 'Lights out, and wait',
  darkHouseWhy: 'In the dark they gather at the one light gap and leave.',
  washSpills: 'Wash away every drop that was spilled',
  washSpillsWhy: 'As long as one place still pays, they go on searching.',
  waitDark: 'Wait until it is dark',
  waitDarkWhy: 'Go on with red or dim light and the doors shut, or not today.',
  goOnTomorrow: 'Go on tomorrow, early',
  goOnTomorrowWhy: 'Scouts come back to the place for a day or two: begin before they fly.',
  moveTheDay: 'Go on tomorrow with {name}',
  dayMoved: '{name} goes on tomorrow',
  stepDone: 'Done',
  notDoneAfterAll: 'Not done after all',
  wasStung:
    'Stung many times, or short of breath, dizzy, swelling in the face? Leave the yard and call for help at once.',
  // what stays
  whatToDoWithIt: 'What to do with what stays',
  shortBy: 'Still lacks {kg}.',
  takeFrom: 'Give it a frame of {giver}, which has more than its target and is healthy.',
  noneMayGive:
    'A neighbour has more than its target, but its health is not known or in doubt: give none of its frames away. Ask your bee inspector.',
  boxDown:
    '{boxes, plural, =0 {Take all honey boxes off: nothing stays in them.} one {One box is enough: take the others off.} other {# boxes are enough: take the others off.}}',
  divider:
    'Put a divider beside the {frames, plural, one {frame that stays} other {# frames that stay}}.',
  scratch:
    'Scratch the cappings of {frames, plural, one {# part-filled frame} other {# part-filled frames}} and hang them outside the divider: the bees carry the honey in.',
  guardOn: 'Put the guard on the entrance.',
  lateBrood:
    'Leave {frames, plural, one {the frame with late brood} other {the # frames with late brood}} alone.',
  leavingSaves: 'What you leave stands for about {sugar} of sugar.',
  leavingSavesMoney: 'What you leave stands for about {sugar} of sugar, at your price {money}.',
  carriedDown:
    'Its frames hold about {kg} less than at the look before. Once a flow fades, bees carry honey down: a box left on weighs less.',
});
