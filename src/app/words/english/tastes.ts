import { messages } from '../messages';

export const tastesWords = messages('tastes', {
  flowery: 'flowery',
  'fresh fruit': 'fresh fruit',
  'ripe fruit': 'ripe fruit',
  citrus: 'citrus',
  herbs: 'herbs',
  'cut grass': 'cut grass',
  hay: 'hay',
  malt: 'malt',
  toffee: 'toffee',
  spice: 'spice',
  wood: 'wood',
  resin: 'resin',
  'salt wind': 'salt wind',
  bitter: 'bitter',
});
