import { makeUpCount } from '../../model';
import { type LotRecord } from '../../records';
import { colourWords } from '../format/colour';
import { OUTCOME_NAMES, formatDial } from '../format/moisture';
import { CALL_BACK_NAMES, PURPOSE_NAMES, STORE_ACT_NAMES } from './storeWords';
import { OCCASION_NAMES, STAGE_NAMES } from './strainWords';

/** One revision in words. */
export function lotRecordWords(record: LotRecord): string {
  switch (record.kind) {
    case 'lot':
      return `Lot ${record.content.code}`;
    case 'container':
      return `${record.content.count} × ${record.content.label}`;
    case 'comb-judgement':
      return `Comb: ${record.content.cappedTenths} of 10 capped`;
    case 'reading':
      return `Reading: dial ${formatDial(record.content.scale, record.content.dialValue)}`;
    case 'ruling':
      return `Ruling: ${OUTCOME_NAMES[record.content.outcome]}`;
    case 'lot-frames':
      return `Made of ${makeUpCount(record.content)} frames`;
    case 'sampling-plan':
      return `Sampling plan: ${record.content.plannedIds.flat().length} vessels`;
    case 'colour':
      return `Colour in glass: ${colourWords(record.content)}`;
    case 'senses':
      return 'Smell, taste and purity';
    case 'lab-report':
      return `Report of ${record.content.laboratory}`;
    case 'settling':
      return `Stands to clear: ${record.content.name}`;
    case 'heat-spell':
      return `Warmth: ${OCCASION_NAMES[record.content.occasion]}`;
    case 'weighing':
      return `Weighed ${STAGE_NAMES[record.content.stage]}: ${record.content.massKg.toFixed(1)} kg`;
    case 'circumstances':
      return 'What else bears on it';
    case 'piece':
      return `Piece ${record.content.label}`;
    case 'store-move':
      return `Store: ${STORE_ACT_NAMES[record.content.act]}`;
    case 'packing':
      return `Jars ${record.content.code}: ${record.content.count} of ${record.content.jarG} g`;
    case 'call-back':
      return `Called back: ${CALL_BACK_NAMES[record.content.done].toLowerCase()}`;
    case 'jar-move':
      return `${record.content.count} jars ${record.content.act === 'given-out' ? 'given out' : 'set aside'}: ${PURPOSE_NAMES[record.content.purpose]}`;
  }
}
