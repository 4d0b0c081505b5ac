import { lazy, type ComponentType, type LazyExoticComponent, type ReactElement } from 'react';
import { Button } from '../Button';
import { sharedWords } from '../../words/english/shared';

/** What stands in place of a part of the page that could not be loaded. */
function NotLoaded(): ReactElement {
  return (
    <div
      role="alert"
      className="my-3 flex flex-wrap items-center gap-4 border-l-4 border-ink bg-paper px-4 py-2"
    >
      <p className="grow text-base font-semibold">{sharedWords.aPartOfRipenumCouldNot()}</p>
      <Button onClick={() => window.location.reload()}>{sharedWords.loadThePageAgain()}</Button>
    </div>
  );
}

/** A part of the page that is loaded when it is first drawn; where it cannot be, it says so. */
export function lazyPart<M, P>(
  load: () => Promise<M>,
  pick: (module: M) => ComponentType<P>,
): LazyExoticComponent<ComponentType<P>> {
  return lazy(() =>
    load().then<{ default: ComponentType<P> }, { default: ComponentType<P> }>(
      (module) => ({ default: pick(module) }),
      () => ({ default: NotLoaded }),
    ),
  );
}
