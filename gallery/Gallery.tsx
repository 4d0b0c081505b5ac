import type { ReactElement } from 'react';
import { AnswerPieces } from './answerPieces';
import { FieldPieces } from './fieldPieces';
import { PagePieces } from './pagePieces';

/** Every shared part and every outcome, in every state, for looking at. */
export function Gallery(): ReactElement {
  return (
    <main className="mx-auto max-w-7xl space-y-10 px-4 py-8 pb-36">
      <h2 className="text-3xl font-bold">Answers</h2>
      <AnswerPieces />
      <h2 className="text-3xl font-bold">Fields and forms</h2>
      <FieldPieces />
      <h2 className="text-3xl font-bold">Pages</h2>
      <PagePieces />
    </main>
  );
}
