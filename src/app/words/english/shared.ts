import { messages } from '../messages';

export const sharedWords = messages('shared', {
  backToTheStart: 'Back to the start',
  couldNotBeRead: 'could not be read',
  theseRecordsWereWrittenBy:
    'These records were written by a newer version of Ripenum. Load the page again to get that version; until then nothing is read or changed.',
  aNewerVersionWasUsed: 'A newer version was used here',
  aPartOfRipenumCould: 'A part of Ripenum could not be loaded',
  theConnectionFailedOrA:
    'The connection failed, or a newer version has replaced this one. Nothing you typed is lost: load the page again.',
  theRecordsCouldNotBe: 'The records could not be read',
  theBrowserDidNotHand:
    'The browser did not hand them over, so nothing can be judged. What you saved is safe. Try again; if that does not help, close every page of Ripenum, free some space, and restart the browser.',
  thisPageCouldNotBe: 'This page could not be shown',
  nothingYouTypedIsLost:
    'Nothing you typed is lost. Load the page again; if it happens again, save your records to a file under Settings and report the line below.',
  tryAgain: 'Try again',
  loadThePageAgain: 'Load the page again',
  theRecordsCouldNotBeRead: 'The records could not be read, so this part is not shown.',
  openingTheRecords: 'Opening the records …',
  print: 'Print',
  undo: 'Undo',
  ok: 'OK',
  aPartOfRipenumCouldNot:
    'A part of Ripenum could not be loaded. What you typed is safe: check the connection and load the page again.',
  aNewerVersionOfRipenum:
    'A newer version of Ripenum is open in another tab. This tab is too old to save anything: load it again. What you have typed is safe.',
  loadThisPageAgain: 'Load this page again',
  aNewerVersionIsReady: 'A newer version is ready. What you have typed is safe.',
  anotherTabAlreadyUsesA:
    'Another tab already uses a newer version. Load this one again when it suits you; what you have typed is safe.',
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
  shrinkingThePhotograph: 'Shrinking the photograph …',
  notThere: 'not there',
  theFirstLineIsA: 'The first line is a heading',
  thisFileIsLargerThan: 'This file is larger than 5 MB: split it into smaller ones.',
  thisIsNotAText:
    'This is not a text file. Save the table as CSV in your spreadsheet, then choose it.',
  chooseACsvFile: 'Choose a CSV file',
  forecastComplete: 'Forecast complete.',
  stoppedEarly: 'Stopped early: what is shown is a rough forecast.',
  noForecastIsPossibleWith: 'No forecast is possible with these values: check {lookAt}.',
  forecastAgain: 'Forecast again',
  writingTheFile: 'Writing the file',
  readingItBackToBe: 'Reading it back, to be sure',
  readingTheFile: 'Reading the file',
  comparingItWithWhatIs: 'Comparing it with what is here',
  keepingIt: 'Keeping it',
  nothingOfThatName: 'Nothing of that name',
  showMore: 'Show {more, plural, one {# more} other {# more}} of {left}',
  findALot: 'Find a lot',
  findInThisList: 'Find in this list',
  working: 'Working',
  skim: 'skim',
});
