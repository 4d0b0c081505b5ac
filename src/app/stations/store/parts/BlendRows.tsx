import { ChevronRight } from 'lucide-react';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import type { Blend, BlendTick } from '../../../../records';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { formatDay } from '../../../format/dates';
import { SheetSection } from '../../../ui/page/SheetSection';
import { blendWords } from '../../../words/english/blend';

function stateWords({ entityId, content }: Blend, ticks: readonly BlendTick[]): string {
  const lines = content.tanks.reduce((sum, tank) => sum + tank.pours.length, 0);
  const done = ticks.filter((tick) => tick.ownerId === entityId).length;
  if (content.tanks.every((tank) => tank.lotId !== null)) return blendWords.pouredItsLotsAreMade();
  return done === 0 ? blendWords.plannedToPour({ lines }) : blendWords.ofPoured({ done, lines });
}

interface BlendRowsProps {
  blends: readonly Blend[];
  ticks: readonly BlendTick[];
}

/** Blends, the latest first. */
export function BlendRows({ blends, ticks }: BlendRowsProps): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  if (blends.length === 0) return null;
  return (
    <SheetSection id="blends" title={blendWords.blends()}>
      <ul className="divide-y divide-thread border-y border-thread">
        {blends.map((blend) => (
          <li key={blend.entityId}>
            <Link
              to={`/${workspace}/store/blend/${blend.entityId}`}
              className="flex min-h-14 items-center gap-3 py-2 hover:bg-lavender-pale"
            >
              <span className="grow">
                <span className="block text-lg font-bold">{blend.content.name}</span>
                <span className="block text-base">
                  {formatDay(blend.content.day)}, {stateWords(blend, ticks)}
                </span>
              </span>
              <ChevronRight aria-hidden className="size-6 shrink-0" />
            </Link>
          </li>
        ))}
      </ul>
    </SheetSection>
  );
}
