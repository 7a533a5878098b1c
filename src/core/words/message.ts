import { IntlMessageFormat } from "intl-messageformat";

/** What a message template is filled with. */
export type MessageValues = Readonly<Record<string, string | number>>;

const parsed = new Map<string, IntlMessageFormat>();

/**
 * Fills a message template (ICU MessageFormat, English).
 * @throws Error when the template cannot be parsed, or names a value that is not given
 */
export function fillMessage(template: string, values: MessageValues): string {
  let format = parsed.get(template);
  if (!format) {
    format = new IntlMessageFormat(template, "en");
    parsed.set(template, format);
  }
  return String(format.format(values));
}
