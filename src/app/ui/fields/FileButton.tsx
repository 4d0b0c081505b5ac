import { useRef, type ReactElement, type ReactNode } from 'react';
import { Button } from '../Button';
import type { ButtonTone } from '../classes';

interface FileButtonProps {
  /** what is chosen, for those who cannot see the button */
  label: string;
  accept: string;
  /** a phone opens its camera at once */
  camera?: boolean;
  disabled?: boolean;
  tone?: ButtonTone;
  onFile: (file: File) => void;
  children: ReactNode;
}

/** A button that chooses a file; the same one can be chosen again. */
export function FileButton(props: FileButtonProps): ReactElement {
  const {
    label,
    accept,
    camera = false,
    disabled = false,
    tone = 'line',
    onFile,
    children,
  } = props;
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button tone={tone} disabled={disabled} onClick={() => input.current?.click()}>
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        {...(camera ? { capture: 'environment' as const } : {})}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
