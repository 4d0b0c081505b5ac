import type { HouseEvent } from '../../core';
import { houseWords } from './english/house';

export const EVENT_NAMES: Readonly<Record<HouseEvent, string>> = {
  cleaned: houseWords.cleaned(),
  water: houseWords.water(),
  hands: houseWords.hands(),
  pests: houseWords.pests(),
  combs: houseWords.combs(),
  glass: houseWords.glass(),
  repair: houseWords.repair(),
  other: houseWords.other(),
};
