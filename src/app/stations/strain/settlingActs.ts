import { firstRevision, nextRevision, type HeatSpell, type SettlingRecord } from '../../../records';
import { perform, type ActOptions, type RecordAct } from '../../../store';
import { removeRecord } from '../../acts/removeRecord';
import { inUnits } from '../../words/keepersUnits';
import { settlingWords } from '../../words/english/settling';
import {
  WARMED_VESSELS,
  type PlanOutcome,
  type PlanTried,
  type WarmedVessel,
} from './warmingPlans';

/** What came off is skimmed now. @param kg - null where it was not weighed */
export const skim = (
  settling: SettlingRecord,
  kg: number | null,
  options: ActOptions = {},
): RecordAct =>
  perform(
    settlingWords.skimmed(),
    (scribe) => {
      const skims = [...settling.content.skims, { at: scribe.now(), kg }];
      const content = { ...settling.content, skims };
      return [nextRevision(scribe, settling, { content, reason: settlingWords.skimmed() })];
    },
    options,
  );

/** The vessel was emptied, or is filled on from. */
export const endSettling = (settling: SettlingRecord): RecordAct =>
  perform(settlingWords.noLongerSettling(), (scribe) => [
    nextRevision(scribe, settling, {
      content: { ...settling.content, endedAt: scribe.now() },
      reason: settlingWords.emptiedOrFilledOn(),
    }),
  ]);

interface WarmingDone {
  readonly plan: PlanTried;
  readonly outcome: Pick<PlanOutcome, 'history'>;
  readonly vessel: WarmedVessel;
  readonly occasion: 'warming' | 'liquefying';
}

/** A way to warm is taken: the warmth counts against the budget of the lot from now on. */
export const recordWarming = (
  { plan, outcome, vessel, occasion }: WarmingDone,
  lotId: string,
): RecordAct =>
  perform(settlingWords.warmingRecorded(), (scribe) => {
    const remark = settlingWords.daysAt({
      name: WARMED_VESSELS[vessel].name(),
      days: plan.days,
      temperature: inUnits(plan.cabinetC, 'temperature', 0),
    });
    const spells = outcome.history.map((spell) => ({ ...spell }));
    const content = { occasion, source: 'plan', startedAt: scribe.now(), spells, remark } as const;
    return [firstRevision(scribe, 'heat-spell', content, lotId)];
  });

export const removeSpell = (spell: HeatSpell): RecordAct =>
  removeRecord(settlingWords.spellRemoved(), spell);
