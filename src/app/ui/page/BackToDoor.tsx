import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { sharedWords } from '../../words/english/shared';

export function BackToDoor(): ReactElement {
  return (
    <p className="mt-5">
      <Link to="/" className="text-lg font-semibold text-lavender underline">
        {sharedWords.backToTheStart()}
      </Link>
    </p>
  );
}
