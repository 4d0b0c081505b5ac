import type { ClearingDoubt, ClearingStep, LeavingStep, RobbingStep } from '../../core';
import { inUnits } from './keepersUnits';
import { visitWords } from './english/visit';

/** A step of clearing bees, in words. */
export function clearingStepWords(step: ClearingStep): string {
  switch (step.step) {
    case 'boards-on':
      return step.days === null
        ? visitWords.boardsOnUnknown()
        : visitWords.boardsOn({ days: step.days });
    case 'scent-on':
      return step.minutes === null
        ? visitWords.scentOnUnknown()
        : visitWords.scentOn({ minutes: step.minutes });
    case 'smoke':
      return visitWords.smoke();
    case 'queen':
      return visitWords.queen();
    case 'brush':
      return visitWords.brush({ frames: step.frames, minutes: step.minutes });
    case 'blower':
      return visitWords.blower({ frames: step.frames });
  }
}

export const CLEARING_DOUBT_WORDS: Readonly<Record<ClearingDoubt, () => string>> = {
  'scent-in-cold': visitWords.scentInCold,
  'scent-in-heat': visitWords.scentInHeat,
  'boards-over-brood': visitWords.boardsOverBrood,
  'brush-in-cold': visitWords.brushInCold,
  'blower-in-cold': visitWords.blowerInCold,
};

/** What is done against robbers, and why. */
export const ROBBING_WORDS: Readonly<
  Record<RobbingStep, { readonly what: string; readonly why: string }>
> = {
  'close-hives': { what: visitWords.closeHives(), why: visitWords.closeHivesWhy() },
  cover: { what: visitWords.cover(), why: visitWords.coverWhy() },
  'carry-in': { what: visitWords.carryIn(), why: visitWords.carryInWhy() },
  'shut-doors': { what: visitWords.shutDoors(), why: visitWords.shutDoorsWhy() },
  'wet-sacks': { what: visitWords.wetSacks(), why: visitWords.wetSacksWhy() },
  'narrow-entrances': {
    what: visitWords.narrowEntrances(),
    why: visitWords.narrowEntrancesWhy(),
  },
  'dark-house': { what: visitWords.darkHouse(), why: visitWords.darkHouseWhy() },
  'wash-spills': { what: visitWords.washSpills(), why: visitWords.washSpillsWhy() },
  'wait-dark': { what: visitWords.waitDark(), why: visitWords.waitDarkWhy() },
  'go-on-tomorrow': { what: visitWords.goOnTomorrow(), why: visitWords.goOnTomorrowWhy() },
};

/** What is done with what stays on a hive, in words. */
export function leavingStepWords(step: LeavingStep, hiveNamed: (id: string) => string): string {
  switch (step.step) {
    case 'short':
      return visitWords.shortBy({ kg: inUnits(step.kg, 'mass') });
    case 'take-from':
      return visitWords.takeFrom({ giver: hiveNamed(step.from) });
    case 'none-may-give':
      return visitWords.noneMayGive();
    case 'box-down':
      return visitWords.boxDown({ boxes: step.boxes });
    case 'divider':
      return visitWords.divider({ frames: step.frames });
    case 'scratch':
      return visitWords.scratch({ frames: step.frames });
    case 'guard-on':
      return visitWords.guardOn();
    case 'late-brood':
      return visitWords.lateBrood({ frames: step.frames });
  }
}
