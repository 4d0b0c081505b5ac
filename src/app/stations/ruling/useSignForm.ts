import { evidenceIdsOf, signedRulingContent, type LotFile, type Signature } from '../../../model';
import { rulingContentSchema, type RulingContent } from '../../../records';
import { keepPreferences, selectPreferences, useAppDispatch, useAppSelector } from '../../../store';
import { useMeters } from '../../data/useWorkspaceModel';
import { finish } from '../../entry/entry';
import { Reader, type Parsed } from '../../entry/reader';
import { useRecordForm } from '../../forms/useRecordForm';
import type { Answer } from '../../lot/useLot';
import { inWordsOf } from '../../words/tell';
import { signRuling } from './lotActs';

/** The fields of a signature as they are typed. */
type SignForm = { -readonly [K in keyof Signature]: Signature[K] };

/** What is signed: a lot with the answer of the rules. */
export interface SignTask {
  readonly file: LotFile;
  readonly answer: Answer;
}

/** A signature being typed; where it differs from the rules it asks for a reason. */
export function useSignForm({ file, answer }: SignTask, onDone: () => void) {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const proposed = answer.ruling.outcome;
  const defaults: SignForm = {
    outcome: proposed,
    initials: preferences.initials,
    overrideReason: '',
    remark: '',
  };
  const evidenceIds = evidenceIdsOf(file, useMeters());
  const parse = (values: SignForm): Parsed<RulingContent> => {
    const candidate = signedRulingContent(
      values,
      { ...answer, evidenceIds },
      inWordsOf(preferences),
    );
    return finish(new Reader(preferences), rulingContentSchema, candidate);
  };
  const { form, frame, keep } = useRecordForm({
    formKey: `sign:${file.lot.entityId}:${proposed}`,
    defaults,
    parse,
    act: (content, options) => {
      const { initials } = content;
      if (initials !== preferences.initials) void dispatch(keepPreferences({ initials }));
      return signRuling(content, file.lot.entityId, options);
    },
    onKept: onDone,
  });
  return { frame, sign: keep, overriding: form.watch('outcome') !== proposed };
}
