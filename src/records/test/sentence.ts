/** The part of a schema that says what is wrong. */
interface Checks {
  safeParse(value: unknown): { error?: { issues: { message: string }[] } | undefined };
}

/** The first sentence that a schema has to say about a value; undefined where it is right. */
export const sentence = (schema: Checks, value: unknown): string | undefined =>
  schema.safeParse(value).error?.issues[0]?.message;
