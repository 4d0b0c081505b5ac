import { Upload } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { FileButton } from './FileButton';
import { sharedWords } from '../../words/english/shared';

/** A table larger than this is none of ours [bytes]. */
const LARGEST_FILE = 5_000_000;

/** Reads a chosen file as text, or says why not. */
async function textOf(file: File): Promise<{ text: string; wrong: string }> {
  if (file.size > LARGEST_FILE) {
    return { text: '', wrong: sharedWords.thisFileIsLargerThan() };
  }
  const text = await file.text();
  const wrong = text.includes('\u0000') ? sharedWords.thisIsNotAText() : '';
  return { text, wrong };
}

/** A button that chooses a CSV file. */
export function TextFileChoice(props: {
  label: string;
  onText: (text: string) => void;
}): ReactElement {
  const { label, onText } = props;
  const [wrong, setWrong] = useState('');
  const choose = async (file: File): Promise<void> => {
    const read = await textOf(file);
    setWrong(read.wrong);
    if (read.wrong === '') onText(read.text);
  };
  return (
    <div>
      <FileButton
        label={label}
        accept=".csv,.tsv,.txt,text/csv,text/plain"
        onFile={(file) => void choose(file)}
      >
        <Upload aria-hidden className="size-5" /> {sharedWords.chooseACsvFile()}
      </FileButton>
      <p role="status" className="text-base font-semibold empty:hidden">
        {wrong}
      </p>
    </div>
  );
}
