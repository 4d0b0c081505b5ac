import { messages } from '../messages';

export const traceWords = messages('trace', {
  unknownHive: 'hive not written down',
  unknownBox: 'box not written down',
  unknownReceiver: 'receiver not written down',
  frames: '{count, plural, one {# frame} other {# frames}}',
  frame: 'Frame, place not written down',
  frameAt: 'Frame, place {slot}',
  extraction: 'Extraction',
  jars: '{count, plural, one {# jar} other {# jars}} of {grams} g',
  sale: 'sold',
  gift: 'given away',
  kitchen: 'for our own table',
  'next-year': 'kept for next year',
});
