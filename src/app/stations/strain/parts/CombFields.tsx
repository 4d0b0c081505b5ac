import type { ReactElement } from 'react';
import { COMB_FACES, TOOL_KINDS } from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { FACE_NAMES, TOOL_NAMES } from '../../../format/strainWords';
import { unitOf } from '../../../format/units';
import { ChecksField } from '../../../ui/ChecksField';
import { ChoiceField } from '../../../ui/ChoiceField';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';

/** A tool of one's own. */
export function ToolFields(): ReactElement {
  return (
    <div className="space-y-5">
      <TextField name="name" label="Name" />
      <SelectField
        name="toolKind"
        label="It is a"
        options={TOOL_KINDS.map((value) => ({ value, label: TOOL_NAMES[value] }))}
      />
      <div className="grid gap-5 sm:grid-cols-3">
        <TextField name="seconds" label="A frame takes" unit="s" inputMode="decimal" />
        <TextField name="loss" label="With the wax" unit="%" inputMode="decimal" />
        <TextField name="spared" label="Comb spared" unit="%" inputMode="decimal" />
      </div>
      <ChecksField
        name="faces"
        label="Opens well"
        choices={COMB_FACES.map((value) => ({ value, label: FACE_NAMES[value] }))}
      />
      <ChoiceField
        name="newComb"
        label="Fit for comb built this year"
        choices={[
          { value: 'yes', label: 'Yes' },
          { value: 'no', label: 'No' },
        ]}
      />
    </div>
  );
}

/** A frame before and after spinning. */
export function FrameWeighingFields(): ReactElement {
  const mass = unitOf('mass', useAppSelector(selectPreferences)).name;
  return (
    <div className="space-y-5">
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField name="before" label="Before" unit={mass} inputMode="decimal" big />
        <TextField name="after" label="After" unit={mass} inputMode="decimal" big />
        <TextField name="tare" label="An empty one" unit={mass} inputMode="decimal" />
        <TextField name="plusMinus" label="Known to ±" unit={mass} inputMode="decimal" />
      </div>
      <TextField name="label" label="Which frame" />
    </div>
  );
}
