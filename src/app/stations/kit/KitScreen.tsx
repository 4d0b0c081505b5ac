import { PageHead } from '../../ui/page/PageHead';
import { useSettingsForm } from './useSettingsForm';
import type { ReactElement } from 'react';
import { noticeShown, selectWorkspace, useAppDispatch, useAppSelector } from '../../../store';
import { Read } from '../../data/Read';
import { resetDemoSeason } from '../../demoSeason';
import { choicesOf } from '../../entry/codecs';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { choicesEntry } from '../../forms/choicesForm';
import { Button } from '../../ui/Button';
import { FailedPart } from '../../ui/page/FailedPage';
import { FormFrame } from '../../ui/forms/FormFrame';
import { ExchangeSection } from './ExchangeSection';
import { RivalsSection } from './RivalsSection';
import { RuleSetsSection } from './RuleSetsSection';
import { commonWords } from '../../words/english/common';
import { kitWords } from '../../words/english/kit';

const HEMISPHERES = choicesOf({ north: kitWords.northern(), south: kitWords.southern() });

function PreferencesSection(): ReactElement {
  const { choices, frame, keep } = useSettingsForm();
  return (
    <section aria-labelledby="choices" className="border-t-2 border-ink pt-3">
      <h2 id="choices" className="mb-3 text-2xl font-bold">
        {kitWords.yourSettings()}
      </h2>
      <FormFrame {...frame} onSubmit={keep} label={kitWords.yourSettings()}>
        <div className="grid gap-5 sm:grid-cols-2">
          <Field of={choicesEntry} at="initials" />
          <Field of={choicesEntry} at="ruleSetId" choices={choices} />
          <Fields
            of={choicesEntry}
            at={['temperatureUnit', 'massUnit', 'volumeUnit', 'lengthUnit']}
          />
          <Field of={choicesEntry} at="hemisphere" choices={HEMISPHERES} />
          <Fields of={choicesEntry} at={['scheme', 'singleKeys', 'practisedEye']} />
        </div>
        <Button type="submit" tone="ink" className="mt-5">
          {kitWords.save()}
        </Button>
      </FormFrame>
    </section>
  );
}

function DemoSection(): ReactElement {
  const dispatch = useAppDispatch();
  const reset = async (): Promise<void> => {
    await resetDemoSeason();
    dispatch(noticeShown({ text: kitWords.theDemoSeasonIsAs(), tone: 'info' }));
  };
  return (
    <section aria-labelledby="demo" className="border-t-2 border-ink pt-3">
      <h2 id="demo" className="text-2xl font-bold">
        {kitWords.demoSeason()}
      </h2>
      <p className="mt-1 max-w-2xl text-lg">{kitWords.everythingHereIsMadeUp()}</p>
      <Button className="mt-3" onClick={() => void reset()}>
        {kitWords.resetTheDemoSeason()}
      </Button>
    </section>
  );
}

/** Choices that hold for all lots, and files out and in. */
export function KitScreen(): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  return (
    <>
      <PageHead title={commonWords.settings()} />
      <div className="mt-4 space-y-10">
        <Read failed={(_error, again) => <FailedPart again={again} />}>
          <PreferencesSection />
          <RuleSetsSection />
          <RivalsSection />
        </Read>
        <ExchangeSection />
        {workspace === 'demo' && <DemoSection />}
      </div>
    </>
  );
}
