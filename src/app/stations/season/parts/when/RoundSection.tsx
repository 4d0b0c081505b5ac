import type { ReactElement } from 'react';
import type { RoundStop } from '../../../../../model';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { whenWords } from '../../../../words/english/when';
import { inUnits } from '../../../../words/keepersUnits';

/** What is carried to a yard and back, in words. */
function stopWords({ bringBoxes, bringBoards, fetchBoxes, hives }: RoundStop): string {
  const forHives = hives.length > 0 ? whenWords.roundFor({ hives: hives.join(', ') }) : '';
  return [
    bringBoxes > 0 ? whenWords.roundBoxes({ boxes: bringBoxes }) + forHives : '',
    bringBoards > 0 ? whenWords.roundBoards({ boards: bringBoards }) : '',
    fetchBoxes > 0 ? whenWords.roundFetch({ boxes: fetchBoxes }) : '',
  ]
    .filter((text) => text !== '')
    .join('; ');
}

/** A round of the yards with what is loaded for each. */
export function RoundSection({ stops }: { stops: readonly RoundStop[] }): ReactElement | null {
  if (stops.length === 0) return null;
  const kg = stops.reduce((sum, { fetchKg }) => sum + (fetchKg ?? 0), 0);
  return (
    <SheetSection id="round" title={whenWords.theRound()}>
      <ul className="divide-y divide-thread">
        {stops.map((stop) => (
          <li key={stop.board.yard.entityId} className="py-1.5 text-lg">
            <strong>{stop.board.yard.content.name}</strong>: {stopWords(stop)}
          </li>
        ))}
      </ul>
      {kg > 0 && (
        <p className="mt-1 text-base">{whenWords.roundWeight({ kg: inUnits(kg, 'mass', 0) })}</p>
      )}
    </SheetSection>
  );
}
