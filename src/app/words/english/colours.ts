import { messages } from '../messages';

export const coloursWords = messages('colours', {
  'water-white': 'water white',
  'extra-white': 'extra white',
  white: 'white',
  'extra-light-amber': 'extra light amber',
  'light-amber': 'light amber',
  amber: 'amber',
  'dark-amber': 'dark amber',
  'very-light': 'very light',
  light: 'light',
  dark: 'dark',
  'very-dark': 'very dark',
});
