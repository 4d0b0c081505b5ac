import {
  keepPreferences,
  noticeShown,
  selectPreferences,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { useRuleSetChoices } from '../../data/useRuleSets';
import { choicesEntry } from '../../forms/choicesForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { kitWords } from '../../words/english/kit';

/** The keeper's choices that hold for all lots, as they are typed. */
export function useSettingsForm() {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const choices = useRuleSetChoices(preferences.ruleSetId);
  const defaults = choicesEntry.fill(preferences, preferences);
  const { frame, start, submit, draft } = useDraftForm({
    formKey: 'choices',
    defaults,
    parse: (typed: typeof defaults) => choicesEntry.read(typed, preferences),
  });
  const keep = submit(async (chosen) => {
    if (!(await dispatch(keepPreferences(chosen, { draft })))) return;
    start(choicesEntry.fill(chosen, chosen));
    dispatch(noticeShown({ text: kitWords.yourSettingsAreSaved(), tone: 'info' }));
  });
  return { choices, frame, keep };
}
