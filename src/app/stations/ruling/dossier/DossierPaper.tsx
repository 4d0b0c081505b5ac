import type { ReactElement } from 'react';
import { PlainTable } from '../../../ui/PlainTable';
import type { PaperBlock, PaperHead, PaperPart } from '../../../pdf/content';

function Block({ block }: { block: PaperBlock }): ReactElement {
  switch (block.as) {
    case 'text':
      return <p className={block.strong ? 'text-lg font-bold' : undefined}>{block.text}</p>;
    case 'list':
      return block.numbered ? (
        <ol className="list-decimal space-y-1 pl-6">
          {block.items.map((item) => (
            <li key={item}>{item}</li>
          ))}
        </ol>
      ) : (
        <ul className="list-disc space-y-1 pl-6">
          {block.items.map((item) => (
            <li key={item}>{item}</li>
          ))}
        </ul>
      );
    case 'table':
      return <PlainTable label={block.label} head={block.head} rows={block.rows} />;
  }
}

/** A part of the dossier that is not torn apart by a page break where it fits on one page. */
export function DossierPart({ part }: { part: PaperPart }): ReactElement {
  return (
    <section className="break-inside-avoid">
      <h2 className="border-b-2 border-ink text-xl font-bold">{part.title}</h2>
      <div className="mt-2 space-y-1 text-base">
        {part.blocks.map((block, at) => (
          <Block key={at} block={block} />
        ))}
      </div>
    </section>
  );
}

/** Which lot, and what the rules say of the evidence at hand. */
export function DossierHead({ head }: { head: PaperHead }): ReactElement {
  return (
    <header>
      <p className="text-base font-semibold">{head.over}</p>
      <h1 className="text-4xl leading-tight font-bold">{head.title}</h1>
      <p className="text-base">{head.facts}</p>
      {head.remark !== '' && <p className="text-base">{head.remark}</p>}
      <p className="mt-4 text-3xl font-bold">{head.decision}</p>
      <p className="text-lg">{head.statement}</p>
    </header>
  );
}
