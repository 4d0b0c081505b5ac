import type { ReactElement } from 'react';
import { PageLink } from './PageLink';

interface PageTabsProps {
  label: string;
  /** addresses inside the workspace, with what each page is called */
  pages: readonly { readonly to: string; readonly name: string }[];
  /** the page that one is on */
  at: string;
}

/** The pages of one thing, beside each other. */
export function PageTabs({ label, pages, at }: PageTabsProps): ReactElement {
  return (
    <nav aria-label={label} className="flex flex-wrap gap-2">
      {pages.map(({ to, name }) => (
        <PageLink key={to} to={to} current={to === at} tone={to === at ? 'ink' : 'line'}>
          {name}
        </PageLink>
      ))}
    </nav>
  );
}
