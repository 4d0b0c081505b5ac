import { messages } from '../messages';

export const judgingWords = messages('judging', {
  beetleLarvaeHaveFouledIt: 'Beetle larvae have fouled it: not honey; keep it away from the rest.',
  theQueenIsOnIt: 'The queen is on it: put it back gently, and look for her first next time.',
  aFewCellsOfBrood: 'A few cells of brood: put it back until they have hatched.',
  aOfBroodBelongsTo:
    '{brood, select, patch {A patch} other {A nest}} of brood belongs to the colony.',
  noHoneyInIt: 'No honey in it.',
  hardlyAnyHoneyOpenIt: 'Hardly any honey: open it, and let the bees carry it off.',
  itsPoorerSideIsCapped: 'Its poorer side is {tenths} capped; this school wants {tenths2}.',
  bothSidesAreAtLeast: 'Both sides are at least {tenths} capped.',
  cappedOnItsPoorerSide: '{tenths} capped on its poorer side, and nothing fell at the shake.',
  itsOpenCellsWereNot: '{sentence}. Its open cells were not read.',
  itsOpenCellsRead: 'Its open cells read {read}.',
  itsOpenCellsReadOver: 'Its open cells read {read}, over {limitPercent}.',
  cappedIntoTheWarmRoom: '{tenths} capped: into the warm room with it, open cells dry well.',
  cappedItGoesWithThe: '{tenths} capped: it goes with the rest.',
  cappedItGoesWithTheRest:
    '{tenths} capped: it goes with the rest, and the batch is dried if it reads wet.',
  cappedWithItTheWhole: '{tenths} capped: with it the whole would fall under {tenths2}.',
  capped: '{tenths} capped.',
  onlyCappedButTheWhole: 'Only {tenths} capped, but the whole stays at {tenths2} or more.',
  nectarRunsOutAtThe: 'Nectar runs out at the shake.',
  dropsFallAtTheShake: 'Drops fall at the shake: it is nectar still.',
  moreThanOf: 'more than 9 of 10',
  lessThanOf: 'less than 1 of 10',
  aboutOf: 'about {tenths} of 10',
  putItBackWhileNectar: 'Put it back while nectar comes.',
  noNectarComesTheBees: 'No nectar comes: the bees would not finish it.',
  beesFinishSuchFramesBefore:
    'Bees finish {inTen} such frames before nectar ends; look again in {lookAgainInDays} days.',
  theColonyLacksStoresStill: 'The colony lacks stores still.',
  leaveItToTheColony: 'Leave it to the colony.',
  openItAndFeedIt: 'Open it and feed it back to its own colony.',
  dryItInAWarm: 'Dry it in a warm room, if there is one.',
  keepItWholeCoolAnd: 'Keep it whole, cool and closed, for spring.',
  ofPiecesAreFullyCapped: '{ripe} of {all} pieces are fully capped on both sides.',
  noneOfPiecesIsFully: 'None of {all} pieces is fully capped on both sides.',
  staysWithTheColonyWhich:
    'Stays with the colony, which lacks {lacks} of what you want to leave it.',
  onTheHiveWhileFed:
    'On the hive while {name} was fed: it could hold syrup, so it is not honey for people.',
  putOnTooSoonAfterFeed:
    'Put on too soon after {name} was fed: it could hold syrup, so it is not honey for people.',
  onTheHiveDuringTreatment:
    'On the hive during the treatment with {name}: the label decides; not for people.',
  onTheHiveWithinWaiting:
    'On the hive within the waiting time of {name}: the label decides; not for people.',
});
