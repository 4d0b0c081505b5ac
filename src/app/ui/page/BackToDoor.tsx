import type { ReactElement } from 'react';
import { Link } from 'react-router';

export function BackToDoor(): ReactElement {
  return (
    <p className="mt-5">
      <Link to="/" className="text-lg font-semibold text-lavender underline">
        Back to the door
      </Link>
    </p>
  );
}
