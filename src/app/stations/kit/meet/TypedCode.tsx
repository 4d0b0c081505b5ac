import { useId, useState, type FormEvent, type ReactElement } from 'react';
import { Button } from '../../../ui/Button';
import { INPUT } from '../../../ui/classes';
import { meetWords } from '../../../words/english/meet';

/** A code typed by hand. It is good for minutes, so that no draft of it is kept. */
export function TypedCode({ onTyped }: { onTyped: (text: string) => boolean }): ReactElement {
  const id = useId();
  const [text, setText] = useState('');
  const [isWrong, setWrong] = useState(false);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    setWrong(!onTyped(text));
  };
  return (
    <form className="max-w-xl" onSubmit={submit} noValidate>
      <label htmlFor={id} className="block text-base font-semibold">
        {meetWords.orTypeIt()}
      </label>
      <div className="mt-1 flex flex-wrap gap-3">
        <input
          id={id}
          className={`${INPUT} basis-60 grow font-mono`}
          autoComplete="off"
          autoCapitalize="none"
          spellCheck={false}
          value={text}
          aria-invalid={isWrong}
          aria-describedby={isWrong ? `${id}-error` : undefined}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit">{meetWords.goOn()}</Button>
      </div>
      {isWrong && (
        <p id={`${id}-error`} role="alert" className="mt-1 font-semibold">
          {meetWords.noSuchCode()}
        </p>
      )}
    </form>
  );
}
