/** An element of a drawing, with its attributes as they are written. */
export interface SvgElement {
  readonly tag: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly children: readonly SvgElement[];
}

/** A drawing as a tree, and what in it has an id. */
export interface SvgTree {
  readonly root: SvgElement;
  readonly byId: ReadonlyMap<string, SvgElement>;
}

const tags = /<(\/?)([a-zA-Z]+)((?:\s+[a-zA-Z:-]+="[^"]*")*)\s*(\/?)>/g;
const pairs = /([a-zA-Z:-]+)="([^"]*)"/g;

/**
 * The tree of a drawing as React writes it: every element closed, every attribute in double quotes.
 * @throws SyntaxError when an element is not closed
 */
export function svgTree(markup: string): SvgTree {
  const byId = new Map<string, SvgElement>();
  const top: SvgElement[] = [];
  const open: { readonly tag: string; readonly children: SvgElement[] }[] = [{ tag: "", children: top }];
  for (const [, isEnd, tag = "", written = "", isEmpty] of markup.matchAll(tags)) {
    if (isEnd) {
      if (open.pop()?.tag !== tag)
        throw new SyntaxError(`an element of the drawing is not closed before </${tag}>`);
      continue;
    }
    const attributes: Record<string, string> = {};
    for (const [, name = "", value = ""] of written.matchAll(pairs)) attributes[name] = value;
    const children: SvgElement[] = [];
    const element = { tag, attributes, children };
    open.at(-1)?.children.push(element);
    if (attributes.id !== undefined) byId.set(attributes.id, element);
    if (!isEmpty) open.push({ tag, children });
  }
  const [root] = top;
  if (!root || open.length !== 1) throw new SyntaxError("the drawing is not whole");
  return { root, byId };
}
