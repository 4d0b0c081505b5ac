import { DEFAULT_RULE_SET_ID } from '../core';
import type { Preferences } from './preferences';

/** What holds until the keeper chooses; apart from the schema, so that the door needs no validator. */
export const DEFAULT_PREFERENCES: Preferences = {
  initials: '',
  ruleSetId: DEFAULT_RULE_SET_ID,
  temperatureUnit: 'C',
  massUnit: 'kg',
  volumeUnit: 'L',
  lengthUnit: 'cm',
  hemisphere: 'not-said',
  scheme: 'device',
  singleKeys: true,
  practisedEye: true,
};
