import { tell } from '../../app/words/tell';
import { wrongMessage } from '../fields';
/** The part of a schema that says what is wrong. */
interface Checks {
  safeParse(value: unknown): { error?: { issues: { message: string }[] } | undefined };
}

/** The first thing that a schema has to say about a value, in words; undefined where it is right. */
export function sentence(schema: Checks, value: unknown): string | undefined {
  const text = schema.safeParse(value).error?.issues[0]?.message;
  return text === undefined ? undefined : tell(wrongMessage(text));
}
