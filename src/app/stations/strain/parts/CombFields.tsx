import type { ReactElement } from 'react';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { frameWeighingEntry, toolEntry } from '../../../forms/line/lineForms';

/** A tool of one's own. */
export function ToolFields(): ReactElement {
  return (
    <div className="space-y-5">
      <Fields of={toolEntry} at={['name', 'toolKind']} />
      <div className="grid gap-5 sm:grid-cols-3">
        <Fields of={toolEntry} at={['secondsPerFrame', 'lossShare', 'combSpared']} />
      </div>
      <Fields of={toolEntry} at={['faces', 'newComb']} />
    </div>
  );
}

/** A frame before and after spinning. */
export function FrameWeighingFields(): ReactElement {
  return (
    <div className="space-y-5">
      <div className="grid gap-5 sm:grid-cols-2">
        <Field of={frameWeighingEntry} at="beforeKg" big />
        <Field of={frameWeighingEntry} at="afterKg" big />
        <Fields of={frameWeighingEntry} at={['tareKg', 'plusMinusKg']} />
      </div>
      <Field of={frameWeighingEntry} at="label" />
    </div>
  );
}
