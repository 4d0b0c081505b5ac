import { blockSentence } from '../residues/residueBlocks';
import { frameCapping, type FrameEvidence } from './frameEvidence';
import { type Message, say } from '../message/message';

/** What can be done with a frame. */
export const DECISIONS = [
  'take',
  'take-to-dry',
  'comb-honey',
  'put-back',
  'leave',
  'keep-for-spring',
  'strip',
  'nothing',
] as const;
export type FrameAct = (typeof DECISIONS)[number];

/** An act with its reason. */
export interface Reasoned {
  readonly act: FrameAct;
  /** one sentence */
  readonly sentence: Message;
}

/** Less honey than this is not worth spinning [kg]. @source common practice, no source */
export const WORTH_SPINNING_KG = 0.1;

function byBeetles({ beetles }: FrameEvidence): Reasoned | null {
  return beetles === 'larvae'
    ? {
        act: 'nothing',
        sentence: say('judging.fouledByBeetleLarvaeThis'),
      }
    : null;
}

function byResidues({ blocks, blocksCleared }: FrameEvidence): Reasoned | null {
  const [first] = blocks;
  if (!first || blocksCleared) return null;
  return { act: 'leave', sentence: blockSentence(first) };
}

function byQueen({ queenSeen }: FrameEvidence): Reasoned | null {
  return queenSeen
    ? {
        act: 'put-back',
        sentence: say('judging.theQueenIsOnIt'),
      }
    : null;
}

function byBrood({ brood, broodExcused }: FrameEvidence): Reasoned | null {
  switch (brood) {
    case 'none':
      return null;
    case 'few-cells':
      return broodExcused
        ? null
        : {
            act: 'put-back',
            sentence: say('judging.aFewCellsOfBrood'),
          };
    case 'patch':
    case 'nest':
      return { act: 'leave', sentence: say('judging.aOfBroodBelongsTo', { brood }) };
  }
}

function byAmount(frame: FrameEvidence): Reasoned | null {
  if (frameCapping(frame) === null) return { act: 'nothing', sentence: say('judging.noHoneyInIt') };
  return frame.honey.massKg / frame.count < WORTH_SPINNING_KG
    ? { act: 'strip', sentence: say('judging.hardlyAnyHoneyOpenIt') }
    : null;
}

/** What holds for every school, most serious first; null where the school may decide. */
export function forcedAct(frame: FrameEvidence): Reasoned | null {
  return (
    byBeetles(frame) ?? byQueen(frame) ?? byResidues(frame) ?? byBrood(frame) ?? byAmount(frame)
  );
}

/**
 * Whether a frame may be taken for people at all: no larvae of beetles in it, and nothing was given
 * to its hive that the keeper has not cleared by the label. No choice of the keeper goes past this.
 *
 * @source common practice, no source
 */
export function mayBeTaken({ beetles, blocks, blocksCleared }: FrameEvidence): boolean {
  return beetles !== 'larvae' && (blocks.length === 0 || blocksCleared);
}
