import { useContext, useEffect } from 'react';
import { CommandContext } from './useCommands';

const TYPING = 'input, textarea, select, [contenteditable]';

/** Whether a key press belongs to a field or an open sheet rather than to the page. */
export function belongsToField(event: KeyboardEvent): boolean {
  const target = event.target instanceof Element ? event.target : null;
  return (
    event.defaultPrevented ||
    target?.closest(TYPING) !== null ||
    document.querySelector('[role="dialog"]') !== null
  );
}

const hasModifier = (event: KeyboardEvent): boolean =>
  event.ctrlKey || event.metaKey || event.altKey;

/** Runs the command of a single key; Ctrl or ⌘ with K opens the palette from anywhere. */
export function useKeyboard(singleKeys: boolean, openPalette: () => void): void {
  const registry = useContext(CommandContext);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        openPalette();
        return;
      }
      if (!singleKeys || hasModifier(event) || belongsToField(event)) return;
      const command = registry.snapshot().find((item) => item.key === event.key);
      if (!command) return;
      event.preventDefault();
      command.run();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [registry, singleKeys, openPalette]);
}
