import { messages } from '../messages';

export const shellWords = messages('shell', {
  everythingYouCanDoHere: 'Everything you can do here',
  typeWhatYouWantTo: 'Type what you want to do',
  nothingHereIsCalledThat: 'Nothing here is called that.',
  keys: 'Keys',
  singleKeysActWhileNo:
    'Single keys act while no field has the focus. They can be switched off in the kit.',
  onALotTypeStraight: 'On a lot: type straight into the dial of a reading',
  everythingYouCanDoHereBy: 'Everything you can do here, by name',
  today: 'Today',
  strain: 'Strain',
  bench: 'Bench',
  handbook: 'Handbook',
  undoTheLastAct: 'Undo the last act',
  doTheUndoneActAgain: 'Do the undone act again',
  showTheKeys: 'Show the keys',
  backToTheDoor: 'Back to the door',
  more: 'More',
  moreStations: 'More stations',
  stations: 'Stations',
  skipToThePage: 'Skip to the page',
  demoSeason: 'Demo season',
  isThisHoneyRipeAnd: 'Is this honey ripe, and good enough to accept?',
  sayHowMuchOfThe:
    'Say how much of the comb was capped and you get an answer. Type one reading of the refractometer and the answer narrows. It says why, how sure it is, and what would change it.',
  exampleOfTheMoistureRule:
    'Example of the moisture rule: a scale from 13 to 25 % water with a target at 18 and a limit at 20, and a hill that shows what the moisture may be, most likely 17.6 %.',
  startWithTheDemoSeason: 'Start with the demo season',
  aMadeUpEstuaryIsland:
    'A made-up estuary island with eight lots, each instructive in its own way.',
  startMyOwn: 'Start my own',
  yourRecordsEmptyAtFirst: 'Your records, empty at first. They stay in this browser.',
  noAccountAndNothingLeaves:
    'No account, and nothing leaves this device. Ripenum computes and documents; the law where you sell, the product label and a licensed laboratory decide.',
});
