import type { ReactElement } from 'react';
import { waxThrough, type WaxReason } from '../../../../core';
import type { ExtractionContent } from '../../../../records';
import { Fold } from '../../../ui/page/Fold';
import { toolsWords } from '../../../words/english/tools';

const REASONS: Readonly<Record<WaxReason, () => string>> = {
  torn: toolsWords.waxTorn,
  'too-warm': toolsWords.waxTooWarm,
  'too-coarse': toolsWords.waxTooCoarse,
  'no-second': toolsWords.waxNoSecond,
  settle: toolsWords.waxSettle,
};

/** What to look at where wax comes through the first strainer of a day. */
export function WaxThrough({ content }: { content: ExtractionContent }): ReactElement {
  const openings = content.strainer.meshes.map(({ openingUm }) => openingUm);
  return (
    <Fold summary={toolsWords.waxComesThrough()} size="heading">
      <ol className="list-decimal space-y-1 pl-6 text-lg">
        {waxThrough(openings, content.temperatureC).map((reason) => (
          <li key={reason}>{REASONS[reason]()}</li>
        ))}
      </ol>
    </Fold>
  );
}
