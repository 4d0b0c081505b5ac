import type { ReactElement, ReactNode } from 'react';
import { formatMoment } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { commonWords } from '../../../words/english/common';

interface QualityRowProps {
  content: { readonly takenAt: string; readonly who: string; readonly remark: string };
  /** "the colour" */
  what: string;
  /** what was found */
  children: ReactNode;
  /** how, beside when and who */
  how?: string;
  onEdit: () => void;
}

/** Something found at the bench, with when, who and how. */
export function QualityRow(props: QualityRowProps): ReactElement {
  const { content, what, children, how = '', onEdit } = props;
  const facts = [formatMoment(content.takenAt), content.who, how, content.remark];
  return (
    <li className="flex flex-wrap items-start gap-x-4 py-2">
      <div className="grow basis-64">
        {children}
        <p className="text-base text-ink-soft">{facts.filter((fact) => fact !== '').join(' · ')}</p>
      </div>
      <Button tone="quiet" onClick={onEdit}>
        {commonWords.change()}
        <span className="sr-only"> {what}</span>
      </Button>
    </li>
  );
}
