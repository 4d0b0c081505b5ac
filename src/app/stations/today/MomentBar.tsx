import { Eye, Hexagon, Microscope, Plus, TriangleAlert } from 'lucide-react';
import type { ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/page/PageLink';
import { commonWords } from '../../words/english/common';
import { momentWords } from '../../words/english/moment';

/** What one does standing there: one tap each, and nothing asked before. */
export function MomentBar({ onFrame }: { onFrame: () => void }): ReactElement {
  return (
    <nav aria-label={momentWords.now()} className="mt-4 grid grid-cols-4 gap-1.5 sm:flex sm:gap-3">
      <Button
        tone="ink"
        className="min-h-20 flex-col px-1 text-base sm:min-h-16 sm:flex-row sm:px-4 sm:text-lg"
        onClick={onFrame}
      >
        <Hexagon aria-hidden className="size-7" /> {momentWords.judgeAFrame()}
      </Button>
      <PageLink to="bench/read" tall>
        <Microscope aria-hidden className="size-7" /> {momentWords.readAMeter()}
      </PageLink>
      <PageLink to="store/foam" tall>
        <TriangleAlert aria-hidden className="size-7" /> {momentWords.itFoams()}
      </PageLink>
      <PageLink to="lots/new" tall>
        <Plus aria-hidden className="size-7" /> {commonWords.newLot()}
      </PageLink>
      {/* of no hurry: a row of its own on a phone, beside the others on a desk */}
      <div className="col-span-4 grid">
        <PageLink to="practice">
          <Eye aria-hidden className="size-6" /> {momentWords.practise()}
        </PageLink>
      </div>
    </nav>
  );
}
