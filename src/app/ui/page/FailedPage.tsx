import { Suspense, lazy, type ReactElement } from 'react';
import { Alone } from './Alone';
import { BackToDoor } from './BackToDoor';
import { Button } from '../Button';
import { sharedWords } from '../../words/english/shared';

/** Loaded when something went wrong; where even that fails, the rest of the page still stands. */
const ToCorrect = lazy(() =>
  import('../../repair/ToCorrect').then(
    (module) => ({ default: module.ToCorrect }),
    () => ({ default: () => null }),
  ),
);

/** What the browser says where a part of the application cannot be fetched. */
const NOT_FETCHED =
  /dynamically imported module|importing a module script|module script failed|preload|failed to fetch/i;

/** Thrown where a workspace could not even be opened. */
export class UnreadError extends Error {
  constructor(cause: unknown) {
    super(sharedWords.couldNotBeRead(), { cause });
  }
}

const NEWER = sharedWords.theseRecordsWereWrittenBy();

interface Said {
  readonly title: string;
  readonly more: string;
  /** the error itself, for a report; null where the words above say it all */
  readonly line: string | null;
}

function saidOf(error: unknown, reading: boolean): Said {
  const line = error instanceof Error ? error.message : String(error);
  // (wrapped by the database: only its name comes through)
  if (`${error instanceof Error ? error.name : ''} ${line}`.includes('NewerDatabaseError')) {
    return { title: sharedWords.aNewerVersionWasUsed(), more: NEWER, line: null };
  }
  if (NOT_FETCHED.test(line)) {
    return {
      title: sharedWords.aPartOfRipenumCould(),
      more: sharedWords.theConnectionFailedOrA(),
      line: null,
    };
  }
  if (reading) {
    return {
      title: sharedWords.theRecordsCouldNotBe(),
      more: sharedWords.theBrowserDidNotHand(),
      line,
    };
  }
  return {
    title: sharedWords.thisPageCouldNotBe(),
    more: sharedWords.nothingYouTypedIsLost(),
    line,
  };
}

interface FailedPageProps {
  error: unknown;
  /** the records could not be read, rather than shown */
  reading?: boolean;
  /** tries again without loading the page anew */
  again?: () => void;
}

/** What stands in place of a page that failed; what was typed is kept all the same. */
export function FailedPage({ error, reading = false, again }: FailedPageProps): ReactElement {
  const isUnread = error instanceof UnreadError;
  const { title, more, line } = saidOf(isUnread ? error.cause : error, reading || isUnread);
  return (
    <div role="alert" className="mx-auto max-w-2xl p-6">
      <h1 className="text-3xl font-bold">{title}</h1>
      <p className="mt-3 text-lg">{more}</p>
      {line !== null && <p className="mt-3 text-base">{line}</p>}
      <div className="mt-4 flex flex-wrap gap-3">
        {again && (
          <Button tone="ink" className="min-h-14" onClick={again}>
            {sharedWords.tryAgain()}
          </Button>
        )}
        <Button
          tone={again ? 'line' : 'ink'}
          className="min-h-14"
          onClick={() => window.location.reload()}
        >
          {sharedWords.loadThePageAgain()}
        </Button>
      </div>
      {line !== null && !reading && (
        <Alone>
          <Suspense>
            <ToCorrect />
          </Suspense>
        </Alone>
      )}
      <BackToDoor />
    </div>
  );
}

/** The same in place of one part of a page. */
export function FailedPart({ again }: { again: () => void }): ReactElement {
  return (
    <p role="alert" className="flex flex-wrap items-center gap-3 text-lg">
      {sharedWords.theRecordsCouldNotBeRead()}
      <Button onClick={again}>{sharedWords.tryAgain()}</Button>
    </p>
  );
}
