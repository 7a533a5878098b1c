import { fillMessage, type MessageValues } from "@/core/words/message";

/** The name at the head of what stands between braces: of a plural or a choice, what it goes by. */
type NameOf<Inside extends string> = Inside extends `${infer Name}, plural${string}`
  ? Name
  : Inside extends `${infer Name}, select${string}`
    ? Name
    : Inside;

/** The names that a template asks for; what stands within the parts of a plural or a choice is not looked at. */
type NamesIn<T extends string> = T extends `${infer Before}{${infer Inside}}${infer Rest}`
  ? (Before extends `${string}other ` ? never : NameOf<Inside>) | NamesIn<Rest>
  : never;

/**
 * A sentence of the tables with its values filled in (ICU MessageFormat, English).
 * @throws Error when the template names a value that is not given
 */
export function sayWith<T extends string>(
  template: T,
  values: Readonly<Record<NamesIn<T>, string | number>> & MessageValues,
): string {
  return fillMessage(template, values);
}
