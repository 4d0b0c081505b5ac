import { blockSentence } from '../residues/residueBlocks';
import { frameCapping, type FrameEvidence } from './frameEvidence';

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
  readonly sentence: string;
}

/** Less honey than this is not worth spinning [kg]. @source common practice, no source */
export const WORTH_SPINNING_KG = 0.1;

function byBeetles({ beetles }: FrameEvidence): Reasoned | null {
  return beetles === 'larvae'
    ? {
        act: 'nothing',
        sentence: 'Beetle larvae have fouled it: not honey; keep it away from the rest.',
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
        sentence: 'The queen is on it: put it back gently, and look for her first next time.',
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
            sentence: 'A few cells of brood: put it back until they have hatched.',
          };
    case 'patch':
    case 'nest':
      return { act: 'leave', sentence: `A ${brood} of brood belongs to the colony.` };
  }
}

function byAmount(frame: FrameEvidence): Reasoned | null {
  if (frameCapping(frame) === null) return { act: 'nothing', sentence: 'No honey in it.' };
  return frame.honey.massKg / frame.count < WORTH_SPINNING_KG
    ? { act: 'strip', sentence: 'Hardly any honey: open it, and let the bees carry it off.' }
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
