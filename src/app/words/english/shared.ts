import { messages } from '../messages';

export const sharedWords = messages('shared', {
  backToTheDoor: 'Back to the door',
  couldNotBeRead: 'could not be read',
  theseRecordsWereWrittenBy:
    'These records were written by a newer version of Ripenum. Load the page again to get that version; until then nothing is read or changed.',
  aNewerVersionWasHere: 'A newer version was here',
  aPartOfRipenumCould: 'A part of Ripenum could not be loaded',
  theConnectionFailedOrA:
    'The connection failed, or a newer version has replaced this one. Nothing you typed is lost: load the page again.',
  theRecordsCouldNotBe: 'The records could not be read',
  theBrowserDidNotGive:
    'The browser did not give them out, so nothing is judged here. What you kept is as it was. Try again; if that does not help, close every page of Ripenum, free some space, and start the browser again.',
  thisPageCouldNotBe: 'This page could not be shown',
  nothingYouTypedIsLost:
    'Nothing you typed is lost. Load the page again; if it happens again, save your records to a file in the kit and report the line below.',
  readThemAgain: 'Read them again',
  loadThePageAgain: 'Load the page again',
  theRecordsCouldNotBeRead: 'The records could not be read, so this part is not shown.',
  openingTheRecords: 'Opening the records …',
  undo: 'Undo',
  allRight: 'All right',
  aPartOfRipenumCouldNot:
    'A part of Ripenum could not be loaded. What you typed is kept; check the connection and load the page again.',
  aNewerVersionOfRipenum:
    'A newer version of Ripenum is open in another tab. This tab is older than the records and can keep nothing more: load it again. What you typed until now is kept.',
  loadItAgain: 'Load it again',
  aNewerVersionIsReady: 'A newer version is ready. What you typed is kept.',
  aNewerVersionWasTaken:
    'A newer version was taken in another tab. Load this one again when it suits you; what you typed is kept.',
  useItNow: 'Use it now',
  loadThisTabAgain: 'Load this tab again',
  thereIsNothingAtThis: 'There is nothing at this address',
  theLotMayHaveBeen:
    'The lot may have been removed (undo brings it back), or it belongs to the other season.',
  keeps: 'keeps',
  ferments: 'ferments',
  notSettled: 'not settled',
  target: 'target',
  limit: 'limit',
  photographRemoved: 'Photograph removed',
  removeThePhotograph: 'Remove the photograph',
  makingItSmall: 'Making it small …',
  notThere: 'not there',
  theFirstLineIsA: 'The first line is a heading',
  thisFileIsLargerThan: 'This file is larger than 5 MB; cut it into smaller ones.',
  thisIsNoTextSave: 'This is no text. Save the table as CSV in your spreadsheet, then choose it.',
  chooseACsvFile: 'Choose a CSV file',
  ofS: '{draws} of {total} {one}s',
  stoppedAfterWhatIsShown: 'Stopped after {counted}; what is shown rests on those.',
  noForecastCanBeMade: 'No forecast can be made with these values; look at {lookAt}.',
  sWorkedOut: '{one}s worked out',
  forecastAnew: 'Forecast anew',
  writingTheFile: 'Writing the file',
  readingItBackToBe: 'Reading it back, to be sure',
  readingTheFile: 'Reading the file',
  comparingItWithWhatIs: 'Comparing it with what is here',
  keepingIt: 'Keeping it',
  working: 'Working',
  skim: 'skim',
});
