import { messages } from '../messages';

export const judgingWords = messages('judging', {
  fouledByBeetleLarvaeThis:
    'Fouled by beetle larvae: this is not honey. Keep it away from the rest.',
  theQueenIsOnIt: 'The queen is on it: put it back gently, and look for her first next time.',
  aFewCellsOfBrood: 'A few cells of brood: put it back until they have hatched.',
  aOfBroodBelongsTo:
    '{brood, select, patch {A patch} other {A nest}} of brood belongs to the colony.',
  noHoneyInIt: 'No honey in it.',
  hardlyAnyHoneyOpenIt: 'Hardly any honey: open it and let the bees clear it.',
  itsLessCappedSideIs: 'Its less capped side is at {tenths}; your rule wants {tenths2}.',
  bothSidesAreAtLeast: 'Both sides are at least {tenths} capped.',
  itsLessCappedSideIsAt: 'Its less capped side is at {tenths}, but nothing fell when shaken.',
  itsOpenCellsWereNot: '{sentence}. Its open cells were not read.',
  itsOpenCellsRead: 'Its open cells read {read}.',
  itsOpenCellsReadOver: 'Its open cells read {read}, over {limitPercent}.',
  cappedDryItInThe: '{tenths} capped: dry it in the warm room, open cells dry well.',
  cappedItGoesWithThe: '{tenths} capped: it goes with the rest.',
  cappedItGoesWithTheRest:
    '{tenths} capped: it goes with the rest, and the batch is dried if it reads wet.',
  cappedWithItTheWhole: '{tenths} capped: with it the whole would fall below {tenths2}.',
  capped: '{tenths} capped.',
  onlyCappedButTheWhole: 'Only {tenths} capped, but the whole stays at {tenths2} or more.',
  nectarRunsOutWhenShaken: 'Nectar runs out when shaken.',
  dropsFallWhenShakenIt: 'Drops fall when shaken: it is still nectar.',
  moreThanOf: 'more than 9 of 10',
  lessThanOf: 'less than 1 of 10',
  aboutOf: 'about {tenths} of 10',
  putItBackWhileNectar: 'Put it back while nectar is coming in.',
  noNectarIsComingIn: 'No nectar is coming in: the bees would not finish it.',
  beesFinishSuchFramesBefore:
    'Bees finish {inTen} such frames before nectar ends; check again in {lookAgainInDays, plural, one {# day} other {# days}}.',
  theColonyStillLacksStores: 'The colony still lacks stores.',
  leaveItToTheColony: 'Leave it to the colony.',
  openItAndFeedIt: 'Open it and feed it back to its own colony.',
  dryItInAWarm: 'Dry it in a warm room, if there is one.',
  keepItWholeCoolAnd: 'Keep it whole, cool and closed for spring.',
  ofPiecesAreFullyCapped: '{ripe} of {all} pieces are fully capped on both sides.',
  noneOfPiecesIsFully: 'None of {all} pieces is fully capped on both sides.',
  leaveItTheColonyIs: 'Leave it: the colony is {lacks} short of what you want to leave.',
  onTheHiveWhileWas:
    'On the hive while {name} was fed: it may contain syrup, so it is not honey for people.',
  putOnTooSoonAfter:
    'Put on too soon after {name} was fed: it may contain syrup, so it is not honey for people.',
  onTheHiveDuringTreatment:
    'On the hive during treatment with {name}: the label decides; not for people.',
  onTheHiveWithinWaiting:
    'On the hive within the waiting time of {name}: the label decides; not for people.',
});
