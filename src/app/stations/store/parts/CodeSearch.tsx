import { useId, useState, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { jarsNode, lotNode, packingOfCode, type LotFile } from '../../../../model';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { Button } from '../../../ui/Button';
import { INPUT } from '../../../ui/classes';
import { storeWords } from '../../../words/english/store';

/** From a code on a jar or a lot to all that it came from. */
export function CodeSearch({ files }: { files: readonly LotFile[] }): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const navigate = useNavigate();
  const id = useId();
  const [code, setCode] = useState('');
  const [wrong, setWrong] = useState(false);
  const search = (): void => {
    const jars = packingOfCode(files, code);
    const lot = files.find(
      (file) => file.lot.content.code.toLowerCase() === code.trim().toLowerCase(),
    );
    const node = jars ? jarsNode(jars.packing.entityId) : lot ? lotNode(lot.lot.entityId) : null;
    setWrong(node === null);
    if (node === null) return;
    const number = jars?.number ? `?jar=${jars.number}` : '';
    void navigate(`/${workspace}/store/trace/${node}${number}`);
  };
  return (
    <form
      aria-label={storeWords.findByCode()}
      onSubmit={(event) => {
        event.preventDefault();
        search();
      }}
      className="border-t-2 border-ink pt-3"
    >
      <label htmlFor={id} className="block text-2xl font-bold">
        {storeWords.codeOnTheJar()}
      </label>
      <div className="mt-2 flex gap-3">
        <input
          id={id}
          className={INPUT}
          value={code}
          autoComplete="off"
          placeholder={storeWords.suchAsA()}
          onChange={(event) => setCode(event.target.value)}
          aria-invalid={wrong}
          aria-describedby={wrong ? `${id}-error` : undefined}
        />
        <Button type="submit" tone="ink" className="min-h-12 shrink-0">
          {storeWords.trace()}
        </Button>
      </div>
      {wrong && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-base font-semibold">
          {storeWords.noJarOrLotHas()}
        </p>
      )}
    </form>
  );
}
