import {
  entryRevision,
  firstRevision,
  type Blend,
  type BlendContent,
  type BlendTick,
  type CallBackEnd,
  type LabelDesign,
  type LabelDesignContent,
  type Lot,
} from '../../../records';
import type { StoredLot } from '../../../model';
import { perform, revise, type ActOptions, type RecordAct } from '../../../store';
import { removeRecord } from '../../acts/removeRecord';
import { lookedRecords } from '../../data/watchList';
import { CALL_BACK_NAMES } from '../../words/storeWords';
import { blendWords } from '../../words/english/blend';
import { jarsWords } from '../../words/english/jars';
import { storeWords } from '../../words/english/store';
import { momentWords } from '../../words/english/moment';
import { blendedLotRecords, type PouredTank } from './blendedLot';

export const keepBlend = (content: BlendContent, options: ActOptions = {}): RecordAct =>
  perform(
    blendWords.plannedABlend(),
    (scribe) => [firstRevision(scribe, 'blend', content)],
    options,
  );

/** A line of the pouring list: of which blend, which tank, which pour. */
export interface PourPlace {
  readonly blend: Blend;
  readonly tank: number;
  readonly pour: number;
}

/** What the scale said of a pour [kg]. */
export interface PouredMass {
  /** that came into the tank */
  readonly massKg: number;
  /** that was spilled */
  readonly spiltKg?: number;
}

/** So much of a container went into a tank, and so much beside it. */
export const pourInto = (
  { blend, tank, pour }: PourPlace,
  mass: PouredMass,
  options: ActOptions = {},
): RecordAct =>
  perform(
    storeWords.poured({ label: blend.content.tanks[tank]?.pours[pour]?.label ?? '' }),
    (scribe) => [
      firstRevision(
        scribe,
        'blend-tick',
        { tank, pour, ...mass, at: scribe.now() },
        blend.entityId,
      ),
    ],
    options,
  );

export const takePourBack = (tick: BlendTick, label: string): RecordAct =>
  removeRecord(storeWords.tookBack({ label }), tick, { reason: storeWords.notPouredAfterAll() });

/** A tank that is poured becomes a lot of its own. */
export const makeBlendedLot = (blend: Blend, tank: PouredTank): RecordAct =>
  perform(storeWords.madeTheLotOf({ label: blend.content.tanks[tank.at]?.label ?? '' }), (scribe) =>
    blendedLotRecords(scribe, blend, tank),
  );

/** @param former - the version that the label was begun from; null for a new one */
export const saveLabel = (
  content: LabelDesignContent,
  former: LabelDesign | null,
  options: ActOptions = {},
): RecordAct =>
  perform(
    jarsWords.labelSaved(),
    (scribe) => [entryRevision(scribe, { kind: 'label-design', former }, content)],
    options,
  );

interface CalledBack {
  readonly jarMoveId: string;
  readonly done: CallBackEnd;
  /** how many jars, and with whom */
  readonly jars: number;
  readonly who: string;
}

/** What became of jars that were out of the house when their honey was blocked. */
export const endCallBack = ({ jarMoveId, done, jars, who }: CalledBack, lotId: string): RecordAct =>
  perform(
    `${storeWords.jarsHeading({ jars })}, ${who}: ${CALL_BACK_NAMES[done].toLowerCase()}`,
    (scribe) => [
      firstRevision(scribe, 'call-back', { jarMoveId, done, at: scribe.now(), remark: '' }, lotId),
    ],
  );

/** Foam came back on honey of a lot: from now on it counts as fermenting. */
export const noteFoam = (lot: Lot): RecordAct => {
  const { name, code, signs } = lot.content;
  const content = { ...lot.content, signs: [...new Set([...signs, 'foam-returns' as const])] };
  return revise(momentWords.foamNoted({ name: name || code }), lot, {
    content,
    reason: momentWords.foamReason(),
  });
};

/** Every container of a lot was looked at, and all is well. */
export const allWell = (lot: StoredLot): RecordAct =>
  perform(storeWords.checkedAllWellHeading(), (scribe) => lookedRecords(scribe, lot));
