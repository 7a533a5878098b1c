import { useMemo, type ComponentType } from "react";

declare const content: unique symbol;

/**
 * What a room is laid out from, on its way from the server to the browser, as one text: the framework takes a text as
 * it is, where it would walk through every record, twice for a page that is sent drawn.
 */
type Packed<T> = string & { readonly [content]: T };

/** Packs what consists of plain values, as records do. */
export function packed<T>(value: T): Packed<T> {
  return otherQuotes(JSON.stringify(value)) as Packed<T>;
}

/** What was packed. */
export function unpacked<T>(text: Packed<T>): T {
  return JSON.parse(otherQuotes(text)) as T;
}

/**
 * Single quotes for double ones and the other way round. The framework sends the text within double quotes, where each
 * of those would take a backslash: that is a sixth of what a wardrobe weighs.
 */
function otherQuotes(text: string): string {
  // As bytes: to change a text quote by quote takes four times as long.
  const bytes = new TextEncoder().encode(text);
  for (let at = 0; at < bytes.length; at += 1) {
    const byte = bytes[at];
    if (byte === double) bytes[at] = single;
    else if (byte === single) bytes[at] = double;
  }
  return new TextDecoder().decode(bytes);
}

const double = 0x22;
const single = 0x27;

/**
 * A room that is given some of its props packed, as its records, and beside them what cannot be: actions, and what
 * tells one room from another.
 */
export function unpacking<P extends object, K extends keyof P>(Room: ComponentType<P>) {
  return function Unpacking({ records, ...rest }: { readonly records: Packed<Pick<P, K>> } & Omit<P, K>) {
    // The same records for as long as the text is the same, however often the page is asked anew.
    const laid = useMemo(() => unpacked(records), [records]);
    return <Room {...({ ...laid, ...rest } as unknown as P)} />;
  };
}
