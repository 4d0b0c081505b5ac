import { useState, type ReactElement } from 'react';
import type { ActOptions } from '../../../../store';
import { useDraftText } from '../../../forms/useDraftText';
import { readDecimal } from '../../../format/decimal';
import { LooseField } from '../../../ui/fields/LooseField';
import { lineWords } from '../../../words/english/line';

interface CountFieldProps {
  /** what is counted, as it is kept */
  item: string;
  label: string;
  /** what is counted, for those who do not see what stands beside it */
  of: string;
  /** null where nobody counted */
  have: number | null;
  /** whether it was kept */
  onKeep: (have: number, options: ActOptions) => Promise<boolean>;
}

/** How many of something are there; kept as soon as the field is left. */
export function CountField({ item, label, of, have, onKeep }: CountFieldProps): ReactElement {
  const formKey = `stock:${item}`;
  const { text, type, drop } = useDraftText(formKey, have === null ? '' : String(have));
  const [wrong, setWrong] = useState('');
  const keep = async (): Promise<void> => {
    if (text.trim() === '') return;
    const typed = readDecimal(text);
    const isCount = typed.ok && Number.isInteger(typed.value) && typed.value >= 0;
    if (!isCount || typed.value > 100_000) return setWrong(lineWords.typeAWholeNumberOr());
    setWrong('');
    if (typed.value === have || (await onKeep(typed.value, { draft: formKey }))) drop();
  };
  return (
    <LooseField
      label={label}
      of={of}
      value={text}
      onType={type}
      wrong={wrong}
      onLeave={() => void keep()}
      onEnter={() => void keep()}
    />
  );
}
