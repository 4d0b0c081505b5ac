import type { ReactElement } from 'react';
import { Field } from '../../../entry/Field';
import { frameWeighingEntry, toolEntry } from '../../../forms/line/lineForms';

/** A tool of one's own. */
export function ToolFields(): ReactElement {
  return (
    <div className="space-y-5">
      <Field of={toolEntry} at="name" />
      <Field of={toolEntry} at="toolKind" />
      <div className="grid gap-5 sm:grid-cols-3">
        <Field of={toolEntry} at="secondsPerFrame" />
        <Field of={toolEntry} at="lossShare" />
        <Field of={toolEntry} at="combSpared" />
      </div>
      <Field of={toolEntry} at="faces" />
      <Field of={toolEntry} at="newComb" />
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
        <Field of={frameWeighingEntry} at="tareKg" />
        <Field of={frameWeighingEntry} at="plusMinusKg" />
      </div>
      <Field of={frameWeighingEntry} at="label" />
    </div>
  );
}
