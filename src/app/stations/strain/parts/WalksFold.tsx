import type { ReactElement } from 'react';
import { Fold } from '../../../ui/page/Fold';
import { toolsWords } from '../../../words/english/tools';

const STEPS = [
  toolsWords.walksStop(),
  toolsWords.walksPairs(),
  toolsWords.walksMixed(),
  toolsWords.walksSlow(),
  toolsWords.walksBoard(),
  toolsWords.walksHold(),
];

/** What to do with an extractor that walks, in order. */
export function WalksFold(): ReactElement {
  return (
    <Fold summary={toolsWords.itWalks()} size="heading">
      <ol className="list-decimal space-y-1 pl-6 text-lg">
        {STEPS.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    </Fold>
  );
}
