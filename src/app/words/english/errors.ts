import { messages } from '../messages';

export const errorsWords = messages('errors', {
  technical: '{text}',
  at: '{path}: {message}',
  belongsToItself: 'a {kind} belongs to itself',
  isNotThere: 'its {kind} is not there',
  replacedMissing: 'the version it replaces is not there',
  replacesOther: 'it replaces a version of something else',
  twiceInFile: 'this identifier stands twice in the file',
  theFile: 'the file',
  andMore: 'and {more} more',
  notJson:
    'This is not a JSON file, or it was cut off; nothing was brought in. Choose a file saved by Ripenum.',
  tooMuch: 'is deeper or longer than any record; nothing after it was read',
  foreignFile: 'This JSON file was not written by Ripenum; nothing was brought in.',
  formatExpected: 'format: expected "{format}" with a formatVersion',
  newerFile:
    'The file comes from a newer version ({version}) than this one knows ({known}): update Ripenum, then try again.',
  notAsItShould: '{path}: is not as it should be',
  damaged: 'The file is damaged or was changed by hand; nothing of it was brought in.',
  brokenSeal:
    'The file does not match its own seal: it was changed after it was saved, and nothing was brought in. Ask for the file again.',
  writtenAnew: 'Its records match its seal, but the text was rewritten by another program.',
  notKept: 'This was not saved. {why}',
  notKeptReference:
    'This was not saved: {why}. It may have been removed in another tab: go back and choose again.',
  changedMeanwhile: 'It was changed in another tab in the meantime; nothing was overwritten.',
  frameLookedAt: 'Frame {slot} was judged in another tab in the meantime; nothing was overwritten.',
  lotCodeTaken:
    'There is already a lot {code}, so nothing was saved twice. Give this one another code.',
  ofKind: '{kind}: {path}: {message}',
  conflict:
    '{count, plural, one {One version in the file differs} other {# versions in the file differ}} from what is kept here under the same identifier (first: {kind} {id}); nothing was brought in.',
  storageFailed:
    'The browser has no room to save this. Free some space or leave private browsing, then save again.',
  newerDatabase:
    'These records were written by a newer version of Ripenum. Reload the page to get that version; until then nothing is read or changed.',
  zipWithoutRecords:
    'This zip holds no Ripenum records, or it is damaged; nothing was brought in. Choose another one.',
  noText: 'This file has no readable text; nothing was brought in. Choose another one.',
  notReadBack:
    'The file was written, but could not be read back as it should be, so it was not handed over. Try again; if it happens again, report the line below.',
  recordsAndSeal: '{read} of {records, plural, one {# record} other {# records}}, seal {seal}',
  notFinished:
    'This could not be finished: the browser ran out of memory or room, or the file was taken away. Close other tabs, free some space, then try again.',
  noPicture: 'The browser cannot read this file as a photograph: choose a JPEG, PNG or WebP.',
  partNotLoaded: 'A part of Ripenum could not be loaded. Check the connection, then try again.',
  meterConnecting: 'Connecting …',
  meterOpen: 'Connected.',
  meterSilent: 'The meter sends nothing. Is honey on the prism and the lid closed?',
  meterLost: 'The connection was lost. Earlier values are not used: connect again.',
  meterRefused: 'The meter could not be opened.',
  meterClosed: 'Not connected.',
  meterByHand: 'Read it and type what it shows.',
  meterAway: 'The meter went away; trying again …',
  noPortChosen: 'No port was chosen. Connect again and choose the cable of the meter.',
  portBusy:
    'The port could not be opened; another program may be using it. Close that one, then connect again.',
  choosePort: 'Choose the cable of the meter in the browser’s list.',
  otherScale: '{value} is on another scale than this meter is set up with',
  draftNotKept:
    'What you type is not being saved: the browser refuses to store it. Leave this page open and free some space.',
  choicesNotKept:
    'Your settings could not be saved: the browser refuses to store them. Free some space, then try again.',
  stillHere: 'Nothing was saved; what you typed is still here.',
  wasWrong:
    'What was there before cannot be right, so it is not restored. Correct the record again instead.',
  changedSince:
    'It has been changed elsewhere since, so it cannot be undone from here: see the history of the lot.',
  notOfHere:
    'Nothing to undo on these frames. Earlier steps can be undone on the page where they were done.',
  draftsDropped:
    'Forms have changed with this version: what you had started in {forms, plural, one {one of them} other {# of them}} and not saved is gone. Please type it again. All records are as they were.',
  undone: 'Undone: {label}',
  redone: 'Redone: {label}',
});
