import { Suspense, lazy, type ReactElement } from 'react';
import { Alone } from './Alone';
import { BackToDoor } from './BackToDoor';
import { Button } from '../Button';

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
    super('could not be read', { cause });
  }
}

const NEWER =
  'These records were written by a newer version of Ripenum. Load the page again to get that version; until then nothing is read or changed.';

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
    return { title: 'A newer version was here', more: NEWER, line: null };
  }
  if (NOT_FETCHED.test(line)) {
    return {
      title: 'A part of Ripenum could not be loaded',
      more: 'The connection failed, or a newer version has replaced this one. Nothing you typed is lost: load the page again.',
      line: null,
    };
  }
  if (reading) {
    return {
      title: 'The records could not be read',
      more: 'The browser did not give them out, so nothing is judged here. What you kept is as it was. Try again; if that does not help, close every page of Ripenum, free some space, and start the browser again.',
      line,
    };
  }
  return {
    title: 'This page could not be shown',
    more: 'Nothing you typed is lost. Load the page again; if it happens again, save your records to a file in the kit and report the line below.',
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
            Read them again
          </Button>
        )}
        <Button
          tone={again ? 'line' : 'ink'}
          className="min-h-14"
          onClick={() => window.location.reload()}
        >
          Load the page again
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
      The records could not be read, so this part is not shown.
      <Button onClick={again}>Read them again</Button>
    </p>
  );
}
