/**
 * Stands in for `react-style-singleton` (see the alias in vite.config.ts): the same component, but
 * with an adopted style sheet instead of a <style> element, so that `style-src 'self'` holds.
 */
import { useEffect } from 'react';

interface StyleProps {
  styles: string;
  dynamic?: boolean;
}

export function styleSingleton(): (props: StyleProps) => null {
  let mounted = 0;
  const sheet = new CSSStyleSheet();
  return function Style({ styles }) {
    useEffect(() => {
      mounted += 1;
      if (mounted === 1) {
        sheet.replaceSync(styles);
        document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
      }
      return () => {
        mounted -= 1;
        if (mounted === 0) {
          document.adoptedStyleSheets = document.adoptedStyleSheets.filter(
            (adoptedStyleSheet) => adoptedStyleSheet !== sheet,
          );
        }
      };
    }, [styles]);
    return null;
  };
}
