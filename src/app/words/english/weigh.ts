import { messages } from '../messages';

export const weighWords = messages('weigh', {
  weighTheBoxes: 'Weigh the boxes',
  lead: 'Weigh each box full, and again once it is empty. One empty box is enough to begin with.',
  fullBoxes: 'Full boxes',
  emptyBoxes: 'Empty boxes',
  oneAfterTheOther: 'One after the other, such as 24.1 23.8 25',
  theSameBoxes: 'The same boxes with their wet frames; one or all',
  typeTheWeights: 'The crop appears here as soon as one full and one empty box are typed.',
  crop: 'Honey out of the combs',
  plusMinus: '± {half} {unit}',
  boxes:
    '{boxes, plural, one {# box} other {# boxes}}{assumed, plural, =0 {} one {, # of them not weighed empty} other {, # of them not weighed empty}}',
  intoContainers: '{mass} reach the containers, after cappings, walls and skimming.',
  loads:
    '{frames, plural, one {# frame} other {# frames}}: {loads, plural, one {# load} other {# loads}} of the extractor',
  jars: '{low} to {high, plural, one {# jar} other {# jars}} of {size}',
  framesPerLoad: 'Frames in each load',
  framesPerBox: 'Frames in each box',
  jarSize: 'Size of jar',
  framesLoadsJars: 'Frames, loads and jars',
  isNotAJar: '“{text}” is not a size of jar. Type a size such as “500 g” or “half litre”.',
});
