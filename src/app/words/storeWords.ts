import type { BlendAim, KeptAs, RelaxationId, StorageRisk, WayId } from '../../core';
import type { CallBackEnd, PlaceKind, Purpose, ReleaseUse, StoreAct } from '../../records';

export const STORE_ACT_NAMES: Readonly<Record<StoreAct, string>> = {
  placed: 'put in its place',
  looked: 'looked at, all well',
  opened: 'opened',
  'stood-open': 'stood open',
  taken: 'honey taken from it',
  emptied: 'emptied',
};

export const PLACE_NAMES: Readonly<Record<PlaceKind, string>> = {
  shelf: 'Shelf, room temperature',
  cellar: 'Cellar',
  fridge: 'Fridge',
  freezer: 'Freezer',
  other: 'Another place',
};

export const PURPOSE_NAMES: Readonly<Record<Purpose, string>> = {
  sale: 'sale',
  gift: 'gifts',
  kitchen: 'kitchen',
  'next-year': 'next year',
};

export const KEPT_NAMES: Readonly<Record<KeptAs, string>> = {
  'as-it-goes': 'As it goes',
  liquid: 'Kept liquid',
  creamed: 'Creamed',
};

/** What each class of risk means, never a time for which honey is safe. */
export const RISK_NAMES: Readonly<Record<StorageRisk, string>> = {
  keeps: 'keeps',
  'held-back': 'too cold to ferment',
  watch: 'watch it',
  risky: 'could ferment',
  danger: 'likely to ferment',
};

export const WAY_NAMES: Readonly<Record<WayId, string>> = {
  dry: 'Dry it',
  blend: 'Blend it',
  'feed-back': 'Feed it back',
  cooking: 'Cook with it',
  brewing: 'Brew with it',
  bakers: 'Sell it as baker’s honey',
};

export const AIM_NAMES: Readonly<Record<BlendAim, string>> = {
  save: 'Save what is too wet by itself',
  fill: 'Fill the tanks',
};

export const RELAXATION_NAMES: Readonly<Record<RelaxationId, string>> = {
  target: 'A target up to the limit of the rule set',
  flows: 'Letting flows mix',
  colours: 'Letting colours mix',
  whole: 'Pouring parts of containers',
  capacity: 'A larger tank',
};

/** What was done about jars that were called back. */
export const CALL_BACK_NAMES: Readonly<Record<CallBackEnd, string>> = {
  returned: 'Came back',
  destroyed: 'Thrown away there',
  warned: 'Told not to eat it',
  eaten: 'Eaten already',
  'not-found': 'Nobody reached',
};

/** What honey is for that leaves without an accepted ruling. */
export const RELEASE_NAMES: Readonly<Record<ReleaseUse, string>> = {
  'own-use': 'For our own table',
  bakers: 'As baker’s honey, labelled for cooking only',
  other: 'Something else',
};
