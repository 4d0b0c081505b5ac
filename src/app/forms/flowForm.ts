import { flowContentSchema, type FlowContent, type Preferences } from '../../records';
import { FormReader, type Parsed } from './parsed';

/** A flow as it is typed; days not known yet are empty. */
export interface FlowForm extends Omit<FlowContent, 'observedStart' | 'observedEnd'> {
  observedStart: string;
  observedEnd: string;
}

export function freshFlow(today: string): FlowForm {
  return {
    name: '',
    plant: '',
    yardIds: [],
    expectedStart: today,
    expectedEnd: today,
    observedStart: '',
    observedEnd: '',
    remark: '',
  };
}

export function flowFormOf(content: FlowContent): FlowForm {
  return {
    ...content,
    observedStart: content.observedStart ?? '',
    observedEnd: content.observedEnd ?? '',
  };
}

export function readFlowForm(form: FlowForm, preferences: Preferences): Parsed<FlowContent> {
  const observedStart = form.observedStart === '' ? null : form.observedStart;
  const observedEnd = form.observedEnd === '' ? null : form.observedEnd;
  const candidate = { ...form, observedStart, observedEnd };
  return new FormReader(preferences).finish(flowContentSchema, candidate, (path) => path);
}
