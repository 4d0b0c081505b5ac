import {
  blocksOf,
  decisionOn,
  expandedOf,
  isAccepted,
  vesselEstimate,
  type Outcome,
} from '../../core';
import { vesselLabelOf, type RuledLot } from '../../model';
import { answerFigure, headline } from '../words/phrasing';
import { commonWords } from '../words/english/common';
import { rulingWords } from '../words/english/ruling';
import { tell } from '../words/tell';
import { doubtful } from '../format/doubtful';
import { formatsWords } from '../words/english/formats';

/** Whether honey of a lot may be filled, labelled, set aside, given out or taken. */
export type Gate =
  | { readonly status: 'open' }
  /** only for a reason that is typed and kept with the jars */
  | {
      readonly status: 'reason';
      /** why not just so, in one sentence */
      readonly why: string;
      readonly outcome: Outcome;
      readonly signed: boolean;
      /** the rule set knows this honey as baker's honey */
      readonly asBakers: boolean;
    }
  /** not at all: the lot is blocked for every use */
  | { readonly status: 'shut'; readonly why: string; readonly wayOut: string };

export const OPEN: Gate = { status: 'open' };

/** Outcomes with which honey may leave once its ruling is signed. */
export const mayLeave = (outcome: Outcome): boolean =>
  isAccepted(outcome) || outcome === 'above-target';

const WAY_OUT = rulingWords.keepItApartIfThe();

/** Vessels that are asked for and that their own moisture does not let through. */
function wetVessels({ evidence, ruling }: RuledLot, vesselIds: readonly string[]): string[] {
  if (evidence.vessels.length < 2 || ruling.belief.measured === null) return [];
  return vesselIds.flatMap((id) => {
    const estimate = vesselEstimate(evidence, ruling.belief, id);
    const decision = decisionOn(estimate, ruling.limitPercent);
    if (decision === 'conforms') return [];
    const label = vesselLabelOf(evidence.vessels, id);
    const figure = formatsWords.withUnit({
      figure: doubtful(estimate.mean, expandedOf(estimate)),
      unit: '%',
    });
    const than = decision === 'over' ? rulingWords.isOver() : rulingWords.isNotSettledAgainst();
    return [
      rulingWords.byItselfWater({
        label,
        than,
        limitPercent: ruling.limitPercent.toFixed(1),
        figure,
      }),
    ];
  });
}

function knownAsBakers({ evidence, ruling }: RuledLot): boolean {
  const limit = evidence.ruleSet.bakersLimitPercent?.[evidence.honeyKind];
  return limit !== undefined && ruling.belief.mean <= limit;
}

/**
 * What stands between a lot and its leaving the house.
 *
 * @param vesselIds - the vessels that it is filled or taken from; none where they are not chosen yet
 */
export function gateOf(lot: RuledLot, vesselIds: readonly string[] = []): Gate {
  const { file, ruling, evidence, settled } = lot;
  const name = file.lot.content.name || commonWords.lot({ code: file.lot.content.code });
  const [block] = blocksOf(evidence);
  if (block !== undefined || ruling.outcome === 'reject') {
    return {
      status: 'shut',
      why: rulingWords.isBlockedForEveryUse({ name, block: block ? tell(block) : '' }),
      wayOut: WAY_OUT,
    };
  }
  const reason = (why: string): Gate => ({
    status: 'reason',
    why,
    outcome: ruling.outcome,
    signed: settled,
    asBakers: knownAsBakers(lot),
  });
  if (!mayLeave(ruling.outcome)) {
    return reason(
      rulingWords.water({ name, headline: headline(ruling), answerFigure: answerFigure(ruling) }),
    );
  }
  const [wet] = wetVessels(lot, vesselIds);
  if (wet !== undefined) return reason(wet);
  const signedAs = file.ruling?.content.outcome;
  if (signedAs === undefined) return reason(rulingWords.theRulingOnHasNot({ name }));
  if (!settled) return reason(rulingWords.theSignedRulingOnIs({ name }));
  return mayLeave(signedAs) ? OPEN : reason(rulingWords.wasSignedAsNotAccepted({ name }));
}
