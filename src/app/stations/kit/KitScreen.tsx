import type { ReactElement } from 'react';
import { preferencesSchema, type Preferences } from '../../../records';
import {
  keepPreferences,
  noticeShown,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { useRuleSetChoices } from '../../data/useRuleSets';
import { resetDemoSeason } from '../../demoSeason';
import { FormReader } from '../../forms/parsed';
import { useDraftForm } from '../../forms/useDraftForm';
import { Button } from '../../ui/Button';
import { ChoiceField, type Choice } from '../../ui/ChoiceField';
import { FormFrame } from '../../ui/FormFrame';
import { SelectField } from '../../ui/SelectField';
import { TextField } from '../../ui/TextField';
import { ExchangeSection } from './ExchangeSection';
import { RivalsSection } from './RivalsSection';
import { RuleSetsSection } from './RuleSetsSection';

const plain = (...values: string[]): Choice[] => values.map((value) => ({ value, label: value }));

interface KitForm extends Omit<Preferences, 'singleKeys'> {
  singleKeys: 'on' | 'off';
}

const choicesFormOf = (preferences: Preferences): KitForm => ({
  ...preferences,
  singleKeys: preferences.singleKeys ? 'on' : 'off',
});

/** What the form chooses, or what is wrong in which field. */
function readChoices({ singleKeys, ...rest }: KitForm, preferences: Preferences) {
  const candidate = { ...rest, singleKeys: singleKeys === 'on' };
  return new FormReader(preferences).finish(preferencesSchema, candidate, (path) => path);
}

function PreferencesSection(): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const choices = useRuleSetChoices(preferences.ruleSetId);
  const defaults = choicesFormOf(preferences);
  const { form, parsed, restored, start, submit, draft } = useDraftForm({
    formKey: 'choices',
    defaults,
    parse: (typed: KitForm) => readChoices(typed, preferences),
  });
  const keep = submit(async (chosen) => {
    if (!(await dispatch(keepPreferences(chosen, { draft })))) return;
    start(choicesFormOf(chosen));
    dispatch(noticeShown({ text: 'Your choices are kept.', tone: 'told' }));
  });
  return (
    <section aria-labelledby="choices" className="border-t-2 border-ink pt-3">
      <h2 id="choices" className="mb-3 text-2xl font-bold">
        Your choices
      </h2>
      <FormFrame
        form={form}
        live={parsed.ok ? {} : parsed.errors}
        restored={restored}
        onDiscard={() => start(defaults)}
        onSubmit={keep}
        label="Your choices"
      >
        <div className="grid gap-5 sm:grid-cols-2">
          <TextField name="initials" label="Your initials" hint="Go with everything you enter" />
          <SelectField name="ruleSetId" label="Rule set for new lots" options={choices} />
          <ChoiceField
            name="temperatureUnit"
            label="Temperature"
            choices={[
              { value: 'C', label: '°C' },
              { value: 'F', label: '°F' },
            ]}
          />
          <ChoiceField name="massUnit" label="Mass" choices={plain('kg', 'lb')} />
          <ChoiceField name="volumeUnit" label="Volume" choices={plain('L', 'US gal', 'imp gal')} />
          <ChoiceField name="lengthUnit" label="Length" choices={plain('cm', 'in')} />
          <ChoiceField
            name="hemisphere"
            label="Hemisphere"
            choices={[
              { value: 'north', label: 'Northern' },
              { value: 'south', label: 'Southern' },
            ]}
            hint="When your store is warm. Until you choose, the worse of both counts"
          />
          <ChoiceField
            name="singleKeys"
            label="Single keys act"
            choices={[
              { value: 'on', label: 'On' },
              { value: 'off', label: 'Off' },
            ]}
            hint="Off if you dictate or your input aid sends letters"
          />
        </div>
        <Button type="submit" tone="ink" className="mt-5">
          Save
        </Button>
      </FormFrame>
    </section>
  );
}

function DemoSection(): ReactElement {
  const dispatch = useAppDispatch();
  const reset = async (): Promise<void> => {
    await resetDemoSeason();
    dispatch(noticeShown({ text: 'The demo season is as it was at first.', tone: 'told' }));
  };
  return (
    <section aria-labelledby="demo" className="border-t-2 border-ink pt-3">
      <h2 id="demo" className="text-2xl font-bold">
        Demo season
      </h2>
      <p className="mt-1 max-w-2xl text-lg">
        Everything here is made up. Your own records are kept apart and never touched by it.
      </p>
      <Button className="mt-3" onClick={() => void reset()}>
        Start the demo season anew
      </Button>
    </section>
  );
}

/** Choices that hold for all lots, and files out and in. */
export function KitScreen(): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  return (
    <>
      <h1 className="pt-5 text-4xl font-bold">Kit</h1>
      <div className="mt-4 space-y-10">
        <PreferencesSection />
        <RuleSetsSection />
        <RivalsSection />
        <ExchangeSection />
        {workspace === 'demo' && <DemoSection />}
      </div>
    </>
  );
}
