import type { useStrainerController } from './useStrainerController';
import { type ReactElement } from 'react';
import { DayHeader } from './parts/DayHeader';
import { lineWords } from '../../words/english/line';
import { StrainedPart } from './parts/StrainedPart';

/** Ling: a gel is not strained. */
function HeatherPath(): ReactElement {
  return (
    <div className="mt-5 max-w-3xl space-y-3 border-l-8 border-lavender pl-4 text-xl">
      <p className="text-3xl font-bold">{lineWords.lingHoneyIsNotStrained()}</p>
      <p>{lineWords.itIsAGelUntil()}</p>
      <p>{lineWords.onceLoosenedItSetsAgain()}</p>
      <p>{lineWords.warmingHelpsLessThanWith()}</p>
    </div>
  );
}

/** The strainer of a day: how long it takes, what it does, and what would make it faster. */
export function StrainerView({
  file,
  asked,
}: ReturnType<typeof useStrainerController>): ReactElement {
  return (
    <>
      <DayHeader file={file} at="/strainer" />
      {asked ? <StrainedPart content={file.extraction.content} asked={asked} /> : <HeatherPath />}
    </>
  );
}
