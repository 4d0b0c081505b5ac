import type { ReactElement } from 'react';
import type { AppError } from '../../../records';
import { tell } from '../../words/tell';

/** Why a file was not brought in or written, and what was found in it. */
export function ExchangeError({ error }: { error: AppError }): ReactElement {
  return (
    <div role="alert" className="mt-3 border-l-4 border-ink bg-paper px-4 py-3">
      <p className="text-lg font-semibold">{tell(error.message)}</p>
      {error.details && (
        <ul className="mt-1 list-disc pl-5 text-base">
          {error.details.map((detail, at) => (
            <li key={at}>{tell(detail)}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
