import type { GivenContent, SurveyContent } from '../../records';

/** Strips given with the honey boxes on. */
export const STRIPS: Omit<GivenContent, 'colonyIds'> = {
  givenKind: 'treatment',
  name: 'Strips',
  fromDay: '2026-07-20',
  toDay: '2026-08-02',
  boxesOn: true,
  waitDays: 0,
  fromTemperatureC: null,
  toTemperatureC: null,
  remark: '',
};

/** Boxes of the book, and typed ones, judged in one go and taken. */
export function wholeSurvey(boxIds: string[], typedBoxes: number): SurveyContent {
  return {
    scope: 'yard',
    label: 'Moor, upper row',
    yardId: null,
    boxIds,
    boxes: boxIds.length + typedBoxes,
    framesPerBox: 10,
    formatId: 'langstroth-medium',
    honeyTenths: 10,
    cappedTenths: 9,
    shake: 'nothing-fell',
    start: 0.5,
    sampleSize: 2,
    looks: [],
    act: 'take',
    remark: '',
  };
}

/** Why honey is used all the same, as tests type it. */
export interface Said {
  readonly use: 'own-use' | '';
  readonly because: string;
}

export const NOTHING_SAID: Said = { use: '', because: '' };
