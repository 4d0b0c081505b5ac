import { Ban, TriangleAlert } from 'lucide-react';
import type { ReactElement } from 'react';
import { RELEASE_NAMES } from '../words/storeWords';
import { Field } from '../entry/Field';
import { mayLeave, type Gate } from './gate';
import { releaseFields, usesAt } from './releaseForm';
import { rulingWords } from '../words/english/ruling';

const RELEASE = { fields: releaseFields };

/** Whether a signature is all that is missing. */
const mayBeSigned = (gate: Gate): boolean =>
  gate.status === 'reason' && !gate.signed && mayLeave(gate.outcome);

/** What stands between honey and the door, in words; nothing where nothing does. */
export function GateNote({ gate }: { gate: Gate }): ReactElement | null {
  if (gate.status === 'open') return null;
  const Mark = gate.status === 'shut' ? Ban : TriangleAlert;
  return (
    <div role="note" className="border-l-8 border-ink bg-lavender-pale px-3 py-2 text-lg">
      <p className="flex gap-3 font-bold">
        <Mark aria-hidden className="mt-1 size-6 shrink-0" /> {gate.why}
      </p>
      {gate.status === 'shut' ? (
        <p>{rulingWords.noneOfItMayBe({ wayOut: gate.wayOut })}</p>
      ) : (
        mayBeSigned(gate) && <p>{rulingWords.signItOnThePage()}</p>
      )}
    </div>
  );
}

/** The same in a form, with the reason that is kept where one is needed. */
export function GateFields({ gate }: { gate: Gate }): ReactElement | null {
  if (gate.status === 'open') return null;
  return (
    <>
      <GateNote gate={gate} />
      {gate.status === 'reason' && (
        <>
          <Field
            of={RELEASE}
            at="use"
            choices={usesAt(gate).map((value) => ({ value, label: RELEASE_NAMES[value] }))}
          />
          <Field of={RELEASE} at="because" />
        </>
      )}
    </>
  );
}
