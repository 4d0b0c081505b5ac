import {
  firstRevision,
  type AnyRecord,
  type FlowContent,
  type RecordOf,
  type SeasonPlanContent,
  type WeatherContent,
} from '../../records';
import { sampleGiven, sampleYard } from '../../records/test/sampleYard';
import { bookOf } from '../day/book';
import { lastLooks } from '../day/harvestFile';
import { dayNumber, isoDayOf } from '../days';
import { seasonBoard, type SeasonAct } from '../season/seasonBoard';

const isGiven = (record: AnyRecord): record is RecordOf<'given'> => record.kind === 'given';

export const PLAN: SeasonPlanContent = {
  timing: 'after-each-flow',
  weekdays: [],
  helpDay: null,
  boxesOffBy: null,
  escapeDays: null,
};

export interface House {
  readonly today: string;
  readonly flow?: Partial<FlowContent>;
  readonly next?: Partial<FlowContent>;
  readonly plan?: Partial<SeasonPlanContent>;
  readonly more?: readonly AnyRecord[];
  readonly days?: WeatherContent['days'];
  readonly looks?: readonly AnyRecord[];
  readonly weights?: readonly RecordOf<'hive-weight'>[];
}

export const yard = sampleYard();
export const { scribe } = yard;
export const yardId = yard.records[0]!.entityId;
const isFlow = (record: AnyRecord): record is RecordOf<'flow'> => record.kind === 'flow';
export const { content: givenContent } = [sampleGiven(yard)].find(isGiven)!;
export const sampleFlow = yard.records.find(isFlow)!;

/** The sample yard: one box on Hive 7, sea lavender expected 20 July to 20 August. */
export function boardOf(house: House) {
  const { today, flow, next, plan, more = [], days, looks = [], weights = [] } = house;
  const first = { ...sampleFlow, content: { ...sampleFlow.content, ...flow } };
  const later = next
    ? [firstRevision(scribe, 'flow', { ...sampleFlow.content, name: 'Ivy', plant: 'ivy', ...next })]
    : [];
  const rest = yard.records.filter(({ kind }) => kind !== 'flow' && kind !== 'harvest');
  return seasonBoard({
    book: bookOf([...rest, first, ...later, ...more]),
    plans: [firstRevision(scribe, 'season-plan', { ...PLAN, ...plan })],
    weathers: days
      ? [firstRevision(scribe, 'weather', { yardId: null, source: 'typed', days })]
      : [],
    looks: lastLooks([...rest, ...looks]),
    weights,
    today: dayNumber(today),
  });
}

const nameOf = (act: SeasonAct): string => (act.kind === 'treatment' ? act.step : act.kind);
export const actsOf = (house: House): string[] =>
  boardOf(house).acts.map((act) => `${isoDayOf(act.day)} ${nameOf(act)}`);

export const SEEN = { observedStart: '2026-07-22' };
export const OVER = { ...SEEN, observedEnd: '2026-08-14' };
