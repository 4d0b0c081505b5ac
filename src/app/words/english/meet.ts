import { messages } from '../messages';

export const meetWords = messages('meet', {
  anotherDevice: 'Another device',
  bothEndUpTheSame:
    'The phone from the apiary and the computer at home end up with the same records. Where you changed one record on both, the two versions stand side by side until you choose.',
  showACode: 'Show a code',
  readACode: 'Read a code',
  orTypeIt: 'Or type the code the other device shows',
  noSuchCode: 'A code has eight groups of four: digits 0 to 9 and letters a to f. Please check it.',
  theCode: 'Code for the other device',
  readItThere:
    'Point the other device’s camera at it, or open Settings there, choose Exchange records with another device, and type it. It works once, for ten minutes.',
  isItYours: 'Is the other device yours?',
  eachGetsEverything:
    'Each of the two devices gets every record of the other. Go on only if you see this code on a device of your own.',
  notNow: 'Not now',
  startAgain: 'Start again',
  meetIt: 'Yes, exchange records',
  waitingForTheOther: 'Waiting for the other device …',
  comparing: 'Finding what each device lacks …',
  exchanging: 'Sending and receiving …',
  bringingIn: 'Bringing in what came …',
  confirming: 'Waiting for the other device to finish …',
  theOtherDevice: 'the other device',
  bothHoldTheSame: 'Both devices hold the same records',
  theyStillDiffer: 'The devices still differ',
  wentBothWays: 'Everything either device lacked has arrived.',
  nothingWasNew: 'There was nothing new on either of them.',
  somethingWasLeftOut:
    'Something was not brought in on one of them. Nothing is lost: meet again and bring it in.',
  toToday: 'To Today',
  meetAgain: 'Meet again',
  noLetterBox:
    'The server does not pass on records. Start Ripenum’s own server at home, use a row of codes, or carry a file over.',
  notSecure:
    'The browser allows this only on an encrypted page. Open Ripenum by its https address, use a row of codes, or carry a file over.',
  codeIsOver: 'This code has run out, or the other device stopped. Show a new code.',
  codeIsTaken: 'Another device has used this code already. Show a new code.',
  serverIsBusy: 'Too many devices are meeting on this server. Try again in a few minutes.',
  notTheirs:
    'What arrived does not fit this code. Check that both devices run the same version, then show a new code.',
  otherWorkspace:
    'One device is in the demo season, the other in your own records. Open the same on both.',
  withoutANetwork: 'Without a network',
  daysAsCodes:
    'A day’s records appear here as a row of codes, without photographs. On the other device, choose Read a code and hold its camera before this screen.',
  today: 'Today’s records',
  lastSevenDays: 'Last 7 days',
  lastThirtyDays: 'Last 30 days',
  nothingToShow: 'Nothing was recorded in that time.',
  tooLargeForARow:
    'That is {size}; a row takes {most} at most. Choose fewer days, or carry a file over.',
  holdTheCamera:
    '{records, plural, one {# record} other {# records}}. Keep the row in view until the other device has read every code.',
  codeOf: 'Code {at} of {count}',
  hold: 'Pause',
  goOn: 'Continue',
  nextCode: 'Next code',
  hide: 'Hide',
  camera: 'Camera',
  cameraStarts: 'The camera is starting …',
  holdBeforeTheCode: 'Hold the other device’s code before the camera.',
  cameraRefused:
    'The browser may not use the camera. Allow it for this page, or close the camera and type the code.',
  noCamera: 'No camera can be used here. Close it and type the code.',
  closeTheCamera: 'Close the camera',
  codesRead: '{read} of {count, plural, one {# code} other {# codes}} read',
  stillMissing: 'Still missing: {missing}',
});
