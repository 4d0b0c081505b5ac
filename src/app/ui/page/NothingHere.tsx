import type { ReactElement } from 'react';
import { BackToDoor } from './BackToDoor';
import { sharedWords } from '../../words/english/shared';

/** An address that leads nowhere: a removed lot, another season's lot, a typing slip. */
export function NothingHere(): ReactElement {
  return (
    <div className="mx-auto max-w-2xl py-8">
      <h1 className="text-3xl font-bold">{sharedWords.thereIsNothingAtThis()}</h1>
      <p className="mt-3 text-lg">{sharedWords.theLotMayHaveBeen()}</p>
      <BackToDoor />
    </div>
  );
}

/** The same as a page of its own, outside any station. */
export function NothingHerePage(): ReactElement {
  return (
    <main className="px-4">
      <NothingHere />
    </main>
  );
}
