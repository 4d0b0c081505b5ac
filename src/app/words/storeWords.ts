import type { BlendAim, KeptAs, RelaxationId, StorageRisk, WayId } from '../../core';
import type { CallBackEnd, PlaceKind, Purpose, ReleaseUse, StoreAct } from '../../records';
import { storeWords } from './english/store';

export const STORE_ACT_NAMES: Readonly<Record<StoreAct, string>> = {
  placed: storeWords.putAway(),
  looked: storeWords.checkedAllWell(),
  opened: storeWords.openedInside(),
  'stood-open': storeWords.stoodOpen(),
  taken: storeWords.honeyTaken(),
  emptied: storeWords.emptied(),
};

export const PLACE_NAMES: Readonly<Record<PlaceKind, string>> = {
  shelf: storeWords.shelfRoomTemperature(),
  cellar: storeWords.cellar(),
  fridge: storeWords.fridge(),
  freezer: storeWords.freezer(),
  other: storeWords.anotherPlace(),
};

export const PURPOSE_NAMES: Readonly<Record<Purpose, string>> = {
  sale: storeWords.sale(),
  gift: storeWords.gifts(),
  kitchen: storeWords.kitchen(),
  'next-year': storeWords.nextYear(),
  sample: storeWords.keptBackAsASample(),
};

export const KEPT_NAMES: Readonly<Record<KeptAs, string>> = {
  'as-it-goes': storeWords.asItHappens(),
  liquid: storeWords.keptLiquid(),
  creamed: storeWords.creamed(),
};

/** What each class of risk means, never a time for which honey is safe. */
export const RISK_NAMES: Readonly<Record<StorageRisk, string>> = {
  keeps: storeWords.keeps(),
  'held-back': storeWords.tooColdToFerment(),
  watch: storeWords.watchIt(),
  risky: storeWords.couldFerment(),
  danger: storeWords.likelyToFerment(),
};

export const WAY_NAMES: Readonly<Record<WayId, string>> = {
  dry: storeWords.dryIt(),
  blend: storeWords.blendIt(),
  'feed-back': storeWords.feedItBack(),
  cooking: storeWords.cookWithIt(),
  brewing: storeWords.brewWithIt(),
  bakers: storeWords.sellItAsBakersHoney(),
};

export const AIM_NAMES: Readonly<Record<BlendAim, string>> = {
  save: storeWords.useUpHoneyThatIs(),
  fill: storeWords.fillTheTanks(),
};

export const RELAXATION_NAMES: Readonly<Record<RelaxationId, string>> = {
  target: storeWords.aTargetUpToThe(),
  flows: storeWords.lettingFlowsMix(),
  colours: storeWords.lettingColoursMix(),
  whole: storeWords.pouringPartOfAContainer(),
  capacity: storeWords.aLargerTank(),
};

/** What was done about jars that were called back. */
export const CALL_BACK_NAMES: Readonly<Record<CallBackEnd, string>> = {
  returned: storeWords.cameBack(),
  destroyed: storeWords.thrownAwayThere(),
  warned: storeWords.toldNotToEatIt(),
  eaten: storeWords.eatenAlready(),
  'not-found': storeWords.couldNotReachThem(),
};

/** What honey is for that leaves without an accepted ruling. */
export const RELEASE_NAMES: Readonly<Record<ReleaseUse, string>> = {
  'own-use': storeWords.forOurOwnTable(),
  bakers: storeWords.asBakersHoneyLabelledFor(),
  other: storeWords.somethingElse(),
};
