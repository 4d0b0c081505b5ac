import { Eye } from 'lucide-react';
import type { ReactElement } from 'react';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { Columns } from '../../ui/page/Columns';
import { Button } from '../../ui/Button';
import { LooseField } from '../../ui/fields/LooseField';
import { practiceWords } from '../../words/english/practice';
import { CropGuesses } from './parts/CropGuesses';
import { EveningDoor } from './parts/EveningDoor';
import { EyeSection } from './parts/EyeSection';
import { usePractice } from './usePractice';

/** Where an eye is trained: what it is off by, and the drills. */
export function PracticeScreen(): ReactElement {
  const practice = usePractice();
  const { reader, setReader, others, query } = practice;
  return (
    <>
      <PageHead title={practiceWords.title()} lead={practiceWords.lead()} />
      <nav aria-label={practiceWords.station()} className="mt-4 flex flex-wrap gap-3">
        <PageLink to={`practice/combs${query}`} tone="ink">
          <Eye aria-hidden className="size-6" /> {practiceWords.lookAtCombs()}
        </PageLink>
        <PageLink to={`practice/scales${query}`}>{practiceWords.readScales()}</PageLink>
        <PageLink to={`practice/cases${query}`}>{practiceWords.decideCases()}</PageLink>
      </nav>
      <div className="mt-5 flex flex-wrap items-end gap-4">
        <LooseField
          label={practiceWords.whoLooks()}
          value={reader}
          onType={(text) => setReader(text.slice(0, 12))}
          wrong=""
          hint={reader === '' ? practiceWords.whoLooksHint() : ''}
          inputMode="text"
          width="max-w-40"
        />
        {others.length > 0 && (
          <div
            role="group"
            aria-label={practiceWords.looksOfOthers()}
            className="flex flex-wrap gap-2"
          >
            {others.map((name) => (
              <Button key={name} onClick={() => setReader(name)}>
                {name}
              </Button>
            ))}
          </div>
        )}
      </div>
      <Columns share="main-first">
        <EyeSection {...practice} />
        <div className="space-y-8">
          <EveningDoor />
          <CropGuesses />
        </div>
      </Columns>
    </>
  );
}
