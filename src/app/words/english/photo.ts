import { messages } from '../messages';

export const photoWords = messages('photo', {
  measureTitle: 'Capping from the photograph',
  measureHelp:
    'The picture stays on this device. Drag the corners onto the comb, then correct any point that is wrong.',
  readIt: 'Read the capping',
  opening: 'The picture is being opened …',
  notAPicture: 'The browser cannot read this file as a picture. Choose another one.',
  cornersFound: 'Are these the corners of the comb?',
  cornersNotFound: 'Drag the four corners to where the comb ends.',
  cornersCrossed: 'The corners cross. Put each one at its own corner of the comb.',
  corner: '{place}: arrow keys move it',
  upperLeft: 'Upper left corner',
  upperRight: 'Upper right corner',
  lowerRight: 'Lower right corner',
  lowerLeft: 'Lower left corner',
  theseAreTheCorners: 'Read the comb',
  reading: 'The comb is being read …',
  stop: 'Stop',
  noComb:
    'No comb found in this picture. Take it straight on, sharp and without glare, or count points by hand.',
  cornersAgain: 'Move the corners',
  cannotSay: 'Too unclear to say',
  percentCapped: '{percent} % capped',
  give: '({low} to {high} %)',
  noHoney: 'No honey',
  guesses:
    'Points with a ring are yours. The others are guesses, learned from drawn combs and from your corrections.',
  overruled:
    'So far you have corrected {changed} of {points, plural, one {one point} other {# points}}.',
  doubtful:
    'This picture is hard to read: check the points, or take it again, sharper and in even light.',
  choose:
    'Choose what is there, then tap the points where it is. By keyboard: arrows, then C, O, E, U, B.',
  points: 'Points on the photograph',
  useIt: 'Use this share',
  lessonKept: 'Photograph used; your corrections are remembered',
  line: 'Read the line from a photograph',
  lineTitle: 'The line in the photograph',
  lineHelp:
    'Tap two numbered divisions of the scale, far apart, and type the number beside each. The scale must be upright in the picture.',
  lineNotFound: 'No line found. Focus, hold still and take it again, or type what you see.',
  pictureOfEyepiece: 'Photograph of the eyepiece',
  tapFirst: 'Tap the first division.',
  tapSecond: 'Tap the second division.',
  division: 'Number at division {at}',
  divisionHere: 'Division {at}: arrow keys move it',
  notBetween: 'Tap two divisions further apart, one above the other.',
  typeBoth: 'Type the numbers beside both divisions.',
  giveOrTake: 'give or take {spread}',
  lineTooCoarse:
    'Not sure enough: by eye you read it to a division of {division}. Tap divisions further apart, or take it sharper.',
  useLine: 'Use this reading',
  fromPhoto: 'From a photograph, give or take {spread}',
  keptAsProof: 'The picture is saved with the reading as proof.',
});
