import { Download } from 'lucide-react';
import { Suspense, type ReactElement } from 'react';
import { formatDay } from '../../format/dates';
import { Button } from '../../ui/Button';
import { lazyPart } from '../../ui/page/lazyPart';
import { FileWork } from '../../ui/page/FileWork';
import { momentWords } from '../../words/english/moment';
import { tell } from '../../words/tell';
import type { useCopyNote } from './useCopyNote';

const FolderTrouble = lazyPart(
  () => import('./FolderTrouble'),
  (module) => module.FolderTrouble,
);

/** When everything was last saved to a file, and the one tap that saves it. */
export function CopyNote(props: ReturnType<typeof useCopyNote>): ReactElement | null {
  const { state, isDue, error, work, save } = props;
  if (!state || (!state.last && state.since === 0)) return null;
  const { last, since } = state;
  const words = last
    ? momentWords.copiedOn({ day: formatDay(last.at), since })
    : momentWords.neverCopied({ since });
  return (
    <section className={`mt-8 ${isDue ? 'border-l-8 border-ink bg-paper px-4 py-3' : ''}`}>
      <p className={isDue ? 'text-xl font-bold' : 'text-base text-ink-soft'}>{words}</p>
      <Button
        tone={isDue ? 'ink' : 'line'}
        className="mt-2 min-h-14"
        disabled={work.busy}
        onClick={save}
      >
        <Download aria-hidden className="size-5" /> {momentWords.saveACopy()}
      </Button>
      <FileWork work={work} />
      <Suspense>
        <FolderTrouble />
      </Suspense>
      {error && <p role="alert">{tell(error.message)}</p>}
    </section>
  );
}
