import { messages } from '../messages';

/** The first page of the handbook, for a keeper's first year. */
export const beginnerWords = messages('beginner', {
  firstPage: 'The work in ten questions',
  contents: 'Contents',
  fromBeeToJar:
    'Bees bring nectar, dry it in the comb, and close each cell with wax once it keeps. You decide which frames are ready, dry what is not, extract, strain, let it settle, read the water in it, and only then fill jars.',
  whatIsCapping: 'What is capping?',
  cappingIs:
    'The wax lid on a cell. Bees close a cell once its honey is dry, so a well-capped frame is usually ripe. Open cells can hold ripe honey or nectar brought in this morning: the eye cannot tell. Shake the frame over the box: if drops fall, leave it.',
  combDrawn: 'Comb with {tenths, plural, one {# tenth} other {# tenths}} capped',
  sameHoney: 'Two, eight and ten tenths capped. Open cells carry a dot.',
  whyEighteen: 'Why do people say 18 %?',
  eighteenIs:
    'Honey is sugar and a little water. Yeast lives in all of it. Below about 17 % water yeast cannot grow; above 20 % it sooner or later does, and honey turns sour. Most limits are 20 %, so 18 % leaves room for a meter that is a little off and a cellar that is a little damp.',
  ruleDrawn:
    'The moisture rule with a target at 18 % and a limit at 20 %, and a hill that shows a reading of 17.4 % with its doubt.',
  whatIsARefractometer: 'How does a meter know?',
  refractometerIs:
    'A drop on the prism bends light, and less water bends it more. Warm honey bends it less: each degree shifts the reading by about a tenth of a point, which is taken off for you. A meter must be checked against an oil or a sample that is known, or its answer is only a number.',
  howSure: 'Why is there a ± behind every number?',
  sureIs:
    'One drop is not a bucket, and no meter is exact. The ± says how far the truth may be from the figure, 19 times in 20. Read more spots and more buckets and it shrinks. A decision that does not change within the ± is one you can trust.',
  tooWet: 'What if it is too wet?',
  tooWetIs:
    'Put the boxes back and wait, dry them in a warm room with dry moving air before you extract, or blend with drier honey. Never boil it down: heat spoils honey long before it dries.',
  whiteFoam: 'What is the white foam?',
  foamIs:
    'Right after extracting and straining it is air with specks of wax. Let it rise for a day or two and skim it. Foam that comes back with a sour smell, gas or a bulging lid is fermentation: keep it apart, loosen the lid, and do not sell it.',
  whyItSets: 'Why does honey set?',
  setsBecause:
    'Part of its sugar, glucose, comes out as crystals. It is natural, and each plant has its own pace: oilseed rape in days, borage hardly ever. The honey between the crystals is a little wetter, so set honey wants a drier start. Gentle warmth makes it clear again.',
  whoNever: 'Who must not eat it?',
  neverIs:
    'Infants under 12 months: honey can carry spores that grow in them. Nor should anyone eat honey from combs that were on the hive during a treatment whose label does not allow it, or of a plant known to be toxic.',
  whatToWrite: 'What do I have to write down?',
  writeIs:
    'As little as you like. One tap judges a frame, one number reads a bucket, and the answer is there. Names, hives and places can wait. If you sell, the law where you live may ask for a lot number and a net weight: both are kept for you.',
  whereToBegin: 'Where do I begin?',
  beginIs: 'In front of an open hive: judge a frame. In front of a bucket: read a meter.',
});
