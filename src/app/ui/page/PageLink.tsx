import type { ReactElement, ReactNode } from 'react';
import { Link } from 'react-router';
import { selectWorkspace, useAppSelector } from '../../../store';
import { BUTTON_BASE, BUTTON_TONES, type ButtonTone } from '../classes';

interface PageLinkProps {
  /** address inside the workspace, such as `comb/few` */
  to: string;
  tone?: ButtonTone;
  /** the page that one is on, among several of a kind */
  current?: boolean;
  /** a large one, with its mark above its words on a phone */
  tall?: boolean;
  children: ReactNode;
}

const TALL = 'min-h-20 flex-col px-1 text-center sm:min-h-16 sm:flex-row sm:px-4 sm:text-lg';

/** A link to another page of the workspace that looks like a button; 56 px high. */
export function PageLink({
  to,
  tone = 'line',
  current = false,
  tall = false,
  children,
}: PageLinkProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  return (
    <Link
      to={`/${workspace}/${to}`}
      aria-current={current ? 'page' : undefined}
      className={`${BUTTON_BASE} ${BUTTON_TONES[tone]} ${tall ? TALL : 'min-h-14'}`}
    >
      {children}
    </Link>
  );
}
