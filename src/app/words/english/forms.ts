import { messages } from '../messages';

export const formsWords = messages('forms', {
  between: 'This must be between {low} and {high}{unit}.',
  whole: 'This must be a whole number between {low} and {high}{unit}.',
  atLeast: 'This must be {low}{unit} or more.',
  cannotBeRead:
    'Something in this form cannot be read. Look at the field you changed last; nothing you typed is lost.',
});
