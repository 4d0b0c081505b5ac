import { formatsWords } from './english/formats';

/** Reasons that the application writes into revisions by itself, as they stand in the records. */
const OWN_REASONS: Readonly<Record<string, () => string>> = {
  Undone: formatsWords.reasonUndone,
  'Done again': formatsWords.reasonDoneAgain,
  'Chosen of several after merging': formatsWords.reasonChosen,
  'More is known now': formatsWords.reasonMoreKnown,
  'Taken from a colleague’s file': formatsWords.reasonTaken,
};

/** Why a revision was written: the keeper's own words, or ours. */
export const reasonWords = (reason: string): string => OWN_REASONS[reason]?.() ?? reason;
