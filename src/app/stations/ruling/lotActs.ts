import {
  entryRevision,
  firstRevision,
  nextRevision,
  vesselRefOf,
  type CircumstancesRecord,
  type CombJudgementContent,
  type Container,
  type ContainerContent,
  type RulingContent,
  type RulingRecord,
  type SignatureContent,
} from '../../../records';
import { NO_CIRCUMSTANCES } from '../../../core';
import { perform, type ActOptions, type RecordAct } from '../../../store';
import { OUTCOME_NAMES } from '../../format/moisture';
import { dossierWords } from '../../words/english/dossier';
import { rulingWords } from '../../words/english/ruling';
import { COMB_STEP_NAMES, type CombStep } from './combSteps';
import type { NewLot } from './newLot';

/** A lot with its containers and what was seen of its comb. */
export const startLot = ({ lot, comb, containers }: NewLot, options: ActOptions = {}): RecordAct =>
  perform(
    rulingWords.lotStarted({ code: lot.code }),
    (scribe) => {
      const first = firstRevision(scribe, 'lot', lot);
      const lotId = first.entityId;
      return [
        first,
        ...containers.map((content) => firstRevision(scribe, 'container', content, lotId)),
        ...(comb ? [firstRevision(scribe, 'comb-judgement', comb, lotId)] : []),
      ];
    },
    options,
  );

/** Whoever signs is the author of the ruling. */
export const signRuling = (
  content: RulingContent,
  lotId: string,
  options: ActOptions = {},
): RecordAct =>
  perform(
    rulingWords.signedBy({
      initials: content.initials,
      outcome: OUTCOME_NAMES[content.outcome].toLowerCase(),
    }),
    (scribe) => [firstRevision({ ...scribe, author: content.initials }, 'ruling', content, lotId)],
    options,
  );

/** The device stands for the lot as it is now. */
export const signDossier = (content: SignatureContent, lotId: string): RecordAct =>
  perform(dossierWords.signedWithTheKey(), (scribe) => [
    firstRevision(scribe, 'signature', content, lotId),
  ]);

/** What was signed stays in the history; the lot waits for a decision again. */
export const reopenRuling = (
  ruling: RulingRecord,
  { initials, reason }: { readonly initials: string; readonly reason: string },
  options: ActOptions = {},
): RecordAct =>
  perform(
    rulingWords.reopenedBy({ initials }),
    (scribe) => [
      nextRevision({ ...scribe, author: initials }, ruling, { withdrawn: true, reason }),
    ],
    options,
  );

/**
 * A vessel that is over the limit, or not settled, is kept apart from its lot.
 *
 * @param vessel - its identifier, and what it is called
 */
export const keepVesselApart = (
  container: Container,
  vessel: { readonly id: string; readonly label: string },
): RecordAct =>
  perform(rulingWords.isKeptApart({ vesselLabelOf: vessel.label }), (scribe) => {
    const { item } = vesselRefOf(vessel.id);
    const suspect = { item: item ?? 1, because: 'other' as const };
    const suspects = [...container.content.suspects, suspect];
    const content = { ...container.content, suspects };
    return [nextRevision(scribe, container, { content, reason: rulingWords.keptApart() })];
  });

export const addContainer = (
  content: ContainerContent,
  lotId: string,
  options: ActOptions = {},
): RecordAct =>
  perform(
    rulingWords.added({ count: content.count, label: content.label }),
    (scribe) => [firstRevision(scribe, 'container', content, lotId)],
    options,
  );

export const saveCombJudgement = (
  content: CombJudgementContent,
  lotId: string,
  options: ActOptions = {},
): RecordAct =>
  perform(
    rulingWords.combJudgementSaved(),
    (scribe) => [firstRevision(scribe, 'comb-judgement', content, lotId)],
    options,
  );

const NOTHING_NOTED = { ...NO_CIRCUMSTANCES, residues: [], treated: null, remark: '' };

/** A step of comb honey is done, or is not after all. @param former - what is noted of the lot so far */
export const toggleCombStep = (
  step: CombStep,
  former: CircumstancesRecord | null,
  lotId: string,
): RecordAct => {
  const done = former?.content.combSteps ?? [];
  const combSteps = done.includes(step) ? done.filter((other) => other !== step) : [...done, step];
  const content = { ...(former?.content ?? NOTHING_NOTED), combSteps };
  return perform(COMB_STEP_NAMES[step], (scribe) => [
    entryRevision(scribe, { kind: 'circumstances', former, ownerId: lotId }, content),
  ]);
};
