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
    'Leaves ripe honey and costs more visits; capped is not always dry in a damp climate.',
  'four-fifths': 'Capped is not always dry in a damp climate.',
  'whole-lot': 'One bad frame hides in the pool.',
  'early-and-dry': 'Room and power are the limit; a fully capped wet box is its hard case.',
  'mix-then-dry': 'The whole batch shares the risk.',
  'meter-first': 'Open cells vary, so it takes several readings a frame; rare in practice.',
});
