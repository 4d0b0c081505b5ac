import { messages } from '../messages';

export const photoWords = messages('photo', {
  measureTitle: 'Capping from the photograph',
  measureHelp:
    'The picture stays on this device. Drag the corners onto the comb, then set right what it took wrongly.',
  opening: 'The picture is being opened …',
  notAPicture: 'This file is no picture that the browser can read. Choose another one.',
  cornersFound: 'Are these the corners of the comb?',
  cornersNotFound: 'Put the four corners where the comb ends.',
  cornersCrossed: 'The corners cross each other: put each at its own end of the comb.',
  corner: '{place}: arrow keys move it',
  upperLeft: 'Upper left corner',
  upperRight: 'Upper right corner',
  lowerRight: 'Lower right corner',
  lowerLeft: 'Lower left corner',
  theseAreTheCorners: 'Read the comb',
  reading: 'The comb is being read …',
  stop: 'Stop',
  noComb:
    'No comb can be made out here. Take the picture from straight before it, sharp and without the sun in it, or count points by hand.',
  cornersAgain: 'Corners again',
  percentCapped: '{percent} % capped',
  give: '({low} to {high} %)',
  noHoney: 'No honey in it',
  guesses:
    'Points that you do not touch are guesses, learned from drawn combs and from what you set right.',
  overruled:
    'On your photographs so far you changed {changed} of {points, plural, one {one point} other {# points}}.',
  doubtful:
    'This picture is hard to read: set the points yourself, or take it again, sharper and in even light.',
  choose: 'Choose what is there, then tap the points. By keyboard: arrows, then C, O, E, U, B.',
  points: 'Points on the photograph',
  useIt: 'Use this share',
  lessonKept: 'Photograph read; what you set right is remembered',
  line: 'Read the line from a photograph',
  lineTitle: 'The line in the photograph',
  lineHelp:
    'Tap two numbered divisions of the scale, far apart, and type what stands beside each. Hold the picture so that the scale stands upright.',
  lineNotFound:
    'No line can be read in this picture: focus, hold still, and take it again. Or type what you see.',
  pictureOfEyepiece: 'Photograph of the eyepiece',
  tapFirst: 'Tap the first division.',
  tapSecond: 'Tap the second division.',
  division: 'Division {at}: what stands beside it',
  divisionHere: 'Division {at}: arrow keys move it',
  notBetween: 'Tap two divisions further apart, one over the other.',
  typeBoth: 'Type the numbers beside both divisions.',
  lineIsAt: '{value}',
  giveOrTake: 'give or take {spread}',
  useLine: 'Use this reading',
  keptAsProof: 'The picture is kept with the reading as proof.',
});
