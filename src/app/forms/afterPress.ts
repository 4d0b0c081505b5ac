let pressed = false;

if (typeof document !== 'undefined') {
  const set = (now: boolean) => (): void => {
    pressed = now;
  };
  document.addEventListener('pointerdown', set(true), true);
  document.addEventListener('pointerup', set(false), true);
  document.addEventListener('pointercancel', set(false), true);
}

/**
 * Runs something at once, or, while a button or finger is down, after the click that it begins. A
 * sentence that appears beside the field one leaves moves what is below it, and the click would miss.
 */
export function afterPress<T>(run: () => T): T | Promise<T> {
  if (!pressed) return run();
  return new Promise<T>((resolve, reject) => {
    const done = (): void => {
      document.removeEventListener('pointerup', later, true);
      document.removeEventListener('pointercancel', later, true);
      try {
        resolve(run());
      } catch (reason) {
        reject(reason instanceof Error ? reason : new Error(String(reason)));
      }
    };
    // The click follows the release; what is shown may change only after it.
    const later = (): void => void window.setTimeout(done, 50);
    document.addEventListener('pointerup', later, true);
    document.addEventListener('pointercancel', later, true);
  });
}
