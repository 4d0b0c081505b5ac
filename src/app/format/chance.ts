import { formatsWords } from '../words/english/formats';

/** A probability [1] in hundredths, never claiming certainty. */
export function inHundred(probability: number): string {
  if (probability > 0.995) return formatsWords.moreThan99InHundred();
  if (probability < 0.005) return formatsWords.lessThan1InHundred();
  return formatsWords.inHundred({ hundredths: Math.round(probability * 100) });
}
