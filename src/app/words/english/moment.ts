import { messages } from '../messages';

export const momentWords = messages('moment', {
  practise: 'Practise',
  now: 'What are you doing?',
  judgeAFrame: 'Judge a frame',
  readAMeter: 'Read a meter',
  itFoams: 'It foams',
  roundStarted: 'Frames to judge',
  framesOn: 'Frames, {day}',
  lookAgainOn: 'Second look, {day}',
  sumTaken: 'take {count} ({slots})',
  sumBack: 'put back {count} ({slots})',
  // a reading without a lot
  readLead: 'Type what the dial shows and how warm it is. A lot can wait.',
  typeTheDial: 'The answer stands here as soon as the dial and the temperature are typed.',
  meterAndSample: 'Meter, scale and sample',
  keepAsALot: 'Keep it as a new lot',
  keptAsLot: 'Lot {code} started with this reading',
  // a copy of everything
  neverCopied:
    '{since, plural, one {# record is} other {# records are}} on this device only. Lose it, and they are gone.',
  copiedOn:
    'Last copy {day}: {since, plural, =0 {everything is in it} one {# record is not in it} other {# records are not in it}}.',
  saveACopy: 'Save a copy of everything',
  // foam
  foamLead:
    'White foam right after extracting or straining is air: let it rise and skim it. Foam that comes back, a sour smell, gas or a bulging lid is fermentation.',
  whichHoney: 'Which honey is it?',
  tapNotes: 'Tap it: the foam is noted, and its page says what to do.',
  noHoneyRecorded: 'No honey is recorded here yet.',
  foamFirst:
    'Until you know: loosen the lid so it cannot burst, keep it apart, sell and give away none of it.',
  foamNeverFeed: 'Never feed fermented honey to bees.',
  foamNoted: 'Foam noted on {name}',
  foamReason: 'It foams again',
});
