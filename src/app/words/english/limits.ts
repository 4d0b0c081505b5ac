import { messages } from '../messages';

export const limitsWords = messages('limits', {
  localLawDecides:
    'Limits are recalled from memory of the named texts; the law and the authorities where you sell decide.',
  'eu-2001-110': "Baker''s honey, for cooking only, may have up to 23 %, from heather 25 %.",
  'codex-12-1981': 'Heather means Calluna.',
  'us-grade-a-b':
    'The same as at least 81.4 % soluble solids; the grades know no heather exception.',
  'us-grade-c': 'The same as at least 80.0 % soluble solids.',
  'careful-producer':
    'Stricter than the law in most places; thick honey that customers like has 16 to 17 %.',
  'full-capping':
    'Leaves ripe honey behind and needs more visits; in a damp climate capped is not always dry.',
  'four-fifths': 'In a damp climate capped is not always dry.',
  'whole-lot': 'One bad frame hides among the others.',
  'early-and-dry': 'Room and power are the limit; a wet box that is fully capped is hard to dry.',
  'mix-then-dry': 'The whole batch shares the risk.',
  'meter-first': 'Open cells vary, so each frame needs several readings; rare in practice.',
});
