import { Pencil } from 'lucide-react';
import type { ReactElement, ReactNode } from 'react';
import { formatsWords } from '../../words/english/formats';

interface EntryRowProps {
  title: string;
  facts: readonly string[];
  onEdit: () => void;
  /** what is changed, where no title stands */
  changes?: string;
  children?: ReactNode;
}

/** An entry of the book: what it is, and the way to change it. */
export function EntryRow(props: EntryRowProps): ReactElement {
  const { title, facts, onEdit, changes = title, children } = props;
  return (
    <div className="flex min-h-14 items-center gap-3 py-1">
      <div className="grow">
        {title !== '' && <p className="text-lg leading-tight font-bold">{title}</p>}
        <p className="text-base text-ink-soft">{facts.filter((fact) => fact !== '').join(' · ')}</p>
        {children}
      </div>
      <button
        type="button"
        aria-label={formatsWords.change({ title: changes })}
        onClick={onEdit}
        className="flex size-11 shrink-0 items-center justify-center hover:bg-lavender-pale"
      >
        <Pencil aria-hidden className="size-5" />
      </button>
    </div>
  );
}
