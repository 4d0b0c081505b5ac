import { Suspense, lazy, type ReactElement } from 'react';
import { useRouteError } from 'react-router';
import { BackToDoor } from './BackToDoor';
import { Button } from './Button';

/** Loaded when something went wrong; where even that fails, the rest of the page still stands. */
const ToCorrect = lazy(() =>
  import('../repair/ToCorrect').then(
    (module) => ({ default: module.ToCorrect }),
    () => ({ default: () => null }),
  ),
);

/** What the browser says where a part of the application cannot be fetched. */
const NOT_FETCHED =
  /dynamically imported module|importing a module script|module script failed|preload|failed to fetch/i;

const NEWER =
  'These records were written by a newer version of Ripenum. Load the page again to get that version; until then nothing is read or changed.';

interface Said {
  readonly title: string;
  readonly more: string;
  /** the error itself, for a report; null where the words above say it all */
  readonly line: string | null;
}

function saidOf(error: unknown): Said {
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
  return {
    title: 'This page could not be shown',
    more: 'Nothing you typed is lost. Load the page again; if it happens again, save your records to a file in the kit and report the line below.',
    line,
  };
}

/** What stands in place of a station that failed; what was typed is kept all the same. */
export function StationError(): ReactElement {
  const { title, more, line } = saidOf(useRouteError());
  return (
    <div role="alert" className="mx-auto max-w-2xl p-6">
      <h1 className="text-3xl font-bold">{title}</h1>
      <p className="mt-3 text-lg">{more}</p>
      {line !== null && <p className="mt-3 text-base">{line}</p>}
      <Button tone="ink" className="mt-4 min-h-14" onClick={() => window.location.reload()}>
        Load the page again
      </Button>
      {line !== null && (
        <Suspense>
          <ToCorrect />
        </Suspense>
      )}
      <BackToDoor />
    </div>
  );
}

/** The same where not even the frame around the stations could be shown. */
export function StationErrorPage(): ReactElement {
  return (
    <main>
      <StationError />
    </main>
  );
}
