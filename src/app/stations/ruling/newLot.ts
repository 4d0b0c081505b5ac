import type { RuleSet } from '../../../core';
import type {
  CombJudgementContent,
  ContainerContent,
  LotContent,
  Preferences,
} from '../../../records';
import { freshLotContent } from '../../../records';
import { FRESH_COMB, readCombForm, type CombForm } from '../../forms/lots/combForm';
import {
  freshContainer,
  readContainerForm,
  type ContainerForm,
} from '../../forms/lots/containerForm';
import { nextCode } from '../../forms/lots/lotCode';
import { lotEntry, proposedTarget, readLotForm, type LotForm } from '../../forms/lots/lotForm';
import type { FieldError, FieldErrors, Parsed } from '../../entry/reader';
import { isoToday } from '../../format/dates';
import { rulingWords } from '../../words/english/ruling';

/** A new lot as it is typed: details, containers, comb. */
export interface NewLotForm {
  lot: LotForm;
  containers: ContainerForm[];
  comb: CombForm;
}

/** A new lot, read. */
export interface NewLot {
  readonly lot: LotContent;
  readonly containers: readonly ContainerContent[];
  readonly comb: CombJudgementContent | null;
}

/** The keeper's choices, and the rule sets to choose from. */
interface Rules {
  readonly preferences: Preferences;
  readonly ruleSets: readonly RuleSet[];
}

/** An empty form with the keeper's usual choices. */
export function freshNewLot(
  day: string,
  taken: readonly string[],
  { preferences, ruleSets }: Rules,
): NewLotForm {
  const content = freshLotContent(nextCode(day, taken), day);
  const { ruleSetId } = preferences;
  const lot = lotEntry.fill({ ...content, ruleSetId }, preferences);
  return {
    lot: { ...lot, targetPercent: proposedTarget('ordinary', ruleSetId, ruleSets) },
    containers: [freshContainer(preferences)],
    comb: FRESH_COMB,
  };
}

function prefixed(errors: FieldErrors, prefix: string): [string, FieldError][] {
  return Object.entries(errors).map(([field, error]) => [prefix + field, error]);
}

/** The new lot that the form says, or what is wrong in which field. */
export function readNewLot(
  form: NewLotForm,
  taken: readonly string[],
  { preferences, ruleSets }: Rules,
): Parsed<NewLot> {
  const lot = readLotForm(form.lot, preferences, ruleSets);
  const containers = form.containers.map((container) => readContainerForm(container, preferences));
  const comb = readCombForm(form.comb, preferences);
  const errors = [
    ...(lot.ok ? [] : prefixed(lot.errors, 'lot.')),
    ...containers.flatMap((container, at) =>
      container.ok ? [] : prefixed(container.errors, `containers.${at}.`),
    ),
    ...(comb.ok ? [] : prefixed(comb.errors, 'comb.')),
  ];
  if (lot.ok && taken.includes(lot.content.code)) {
    const code = nextCode(isoToday(), taken);
    const fix = { label: rulingWords.use({ code }), patch: { code } };
    errors.push(['lot.code', { sentence: rulingWords.anotherLotHasThisCode(), fixes: [fix] }]);
  }
  if (errors.length > 0 || !lot.ok || !comb.ok) {
    return { ok: false, errors: Object.fromEntries(errors) };
  }
  return {
    ok: true,
    content: {
      lot: lot.content,
      containers: containers.flatMap((container) => (container.ok ? [container.content] : [])),
      comb: comb.content,
    },
  };
}
