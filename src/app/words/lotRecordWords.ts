import { compositionCount } from '../../model';
import { type LotRecord } from '../../records';
import { colourWords } from '../format/colour';
import { OUTCOME_NAMES, formatDial } from '../format/moisture';
import { CALL_BACK_NAMES, PURPOSE_NAMES, STORE_ACT_NAMES } from './storeWords';
import { OCCASION_NAMES, STAGE_NAMES } from './strainWords';
import { commonWords } from './english/common';
import { lotWords } from './english/lot';
import { inUnits } from './keepersUnits';

/** One revision in words. */
export function lotRecordWords(record: LotRecord): string {
  switch (record.kind) {
    case 'lot':
      return commonWords.lot({ code: record.content.code });
    case 'container':
      return `${record.content.count} × ${record.content.label}`;
    case 'comb-judgement':
      return lotWords.combOfCapped({ cappedTenths: record.content.cappedTenths });
    case 'reading':
      return lotWords.readingDial({
        scale: formatDial(record.content.scale, record.content.dialValue),
      });
    case 'ruling':
      return lotWords.ruling({ outcome: OUTCOME_NAMES[record.content.outcome] });
    case 'signature':
      return lotWords.signedByADevice();
    case 'lot-frames':
      return lotWords.madeOfFrames({ makeUpCount: compositionCount(record.content) });
    case 'sampling-plan':
      return lotWords.samplingPlanVessels({ plannedIds: record.content.plannedIds.flat().length });
    case 'colour':
      return lotWords.colourInGlass({ colourWords: colourWords(record.content) });
    case 'senses':
      return lotWords.smellTasteAndPurity();
    case 'lab-report':
      return lotWords.reportOf({ laboratory: record.content.laboratory });
    case 'settling':
      return lotWords.settling({ name: record.content.name });
    case 'heat-spell':
      return lotWords.warmth({ occasion: OCCASION_NAMES[record.content.occasion] });
    case 'weighing':
      return lotWords.weighedAt({
        stage: STAGE_NAMES[record.content.stage],
        mass: inUnits(record.content.massKg, 'mass'),
      });
    case 'circumstances':
      return lotWords.notesOnThisHoney();
    case 'piece':
      return lotWords.piece({ label: record.content.label });
    case 'store-move':
      return lotWords.store({ storeAct: STORE_ACT_NAMES[record.content.act] });
    case 'packing':
      return lotWords.jarsOfG({
        code: record.content.code,
        count: record.content.count,
        jarG: record.content.jarG,
      });
    case 'jar-check':
      return lotWords.jarsChecked({ count: record.content.weightsG.length });
    case 'call-back':
      return lotWords.calledBack({ callBack: CALL_BACK_NAMES[record.content.done].toLowerCase() });
    case 'jar-move':
      return lotWords.jars({
        count: record.content.count,
        part: record.content.act === 'given-out' ? lotWords.givenOut() : lotWords.setAside(),
        purpose: PURPOSE_NAMES[record.content.purpose],
      });
  }
}
