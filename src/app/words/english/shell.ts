import { messages } from '../messages';

export const shellWords = messages('shell', {
  practice: 'Practice',
  everythingYouCanDoHere: 'Everything you can do here',
  whatDoYouWantTo: 'What do you want to do?',
  nothingFound: 'Nothing found.',
  keys: 'Keys',
  singleKeysWorkWhileNo:
    'Single keys work while no field has the focus. You can switch them off under Settings.',
  onALotStartTyping: 'On a lot: start typing a reading',
  findAnythingYouCanDo: 'Find anything you can do here by name',
  today: 'Today',
  handbook: 'Handbook',
  undoTheLastAct: 'Undo the last act',
  doTheUndoneActAgain: 'Do the undone act again',
  showTheKeys: 'Show the keys',
  backToTheStart: 'Back to the start',
  doors: 'Main',
  lot: 'Lot',
  hives: 'Hives',
  honeyHouse: 'Honey house',
  metersAndReadings: 'Meters and readings',
  settingsAndHelp: 'Settings and help',
  skipToThePage: 'Skip to the page',
  demoSeason: 'Demo season',
  demoSeasonOn: 'Demo season, {day}',
  isThisHoneyRipeAnd: 'Is this honey ripe, and good enough to accept?',
  noteHowMuchOfThe:
    'Note how much of the comb was capped and you get an answer. Type one refractometer reading and the answer narrows. It tells you why, how sure it is, and what would change it.',
  exampleOfTheMoistureRule:
    'Example of the moisture rule: a scale from 13 to 25 % water with a target at 18 and a limit at 20, and a hill that shows what the moisture may be, most likely 17.6 %.',
  startWithTheDemoSeason: 'Start with the demo season',
  aMadeUpEstuaryIsland: 'A made-up estuary island with eight lots, each with its own lesson.',
  carryOn: 'Carry on ({lots, plural, one {# lot} other {# lots}})',
  yourOwnRecordsStay: 'Your own records. They stay in this browser.',
  startMyOwn: 'Start my own',
  yourOwnRecordsEmptyAt: 'Your own records, empty at first. They stay in this browser.',
  noAccountAndNothingLeaves:
    'No account, and nothing leaves this device. Ripenum computes and documents; the law where you sell, the product label and a licensed laboratory decide.',
});
