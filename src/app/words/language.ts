/** Sentences of another language: ICU messages by id, such as `room.emptyItHolds`. */
export interface Language {
  /** as browsers know it, such as `fr` */
  readonly locale: string;
  readonly messages: Readonly<Record<string, string>>;
}

/** Where the browser keeps which language was chosen; none: English. */
const CHOSEN_AT = 'ripenum.language';

const isLanguage = (found: unknown): found is Language =>
  typeof found === 'object' && found !== null && 'locale' in found && 'messages' in found;

/** A language is one file, `/languages/<name>.json`. Where it cannot be had, English is what is left. */
async function chosenLanguage(): Promise<Language | null> {
  const name = globalThis.localStorage?.getItem(CHOSEN_AT) ?? null;
  if (name === null) return null;
  try {
    const found: unknown = await (
      await fetch(`/languages/${encodeURIComponent(name)}.json`)
    ).json();
    return isLanguage(found) ? found : null;
  } catch {
    return null;
  }
}

/** Settled before any sentence is made, for names of choices are made as modules load. */
export const language: Language | null = await chosenLanguage();

/** How browsers know the language in force. */
export const locale: string = language?.locale ?? 'en';
