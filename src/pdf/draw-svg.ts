import { makeForm, makePattern, showForm, usePattern, type KeptForm } from "./kept";
import { svgTree, type SvgElement, type SvgTree } from "./svg-tree";
import { matrixOf } from "./transform";

/** Where a drawing is put, in points: as large as it goes in, in the middle. */
interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** What an element takes from those it stands in (SVG 2, 6.1). */
interface Style {
  readonly fill: string;
  readonly stroke: string;
  readonly strokeWidth: number;
  readonly lineCap: "butt" | "round" | "square";
  readonly lineJoin: "miter" | "round" | "bevel";
  readonly dash: readonly number[];
  readonly fillOpacity: number;
  readonly strokeOpacity: number;
  readonly evenOdd: boolean;
}

const plain: Style = {
  fill: "#000000",
  stroke: "none",
  strokeWidth: 1,
  lineCap: "butt",
  lineJoin: "miter",
  dash: [],
  fillOpacity: 1,
  strokeOpacity: 1,
  evenOdd: false,
};

/** How far from its middle a form of a drawing reaches at most, in the drawing's own measure. */
const far = 2000;

/**
 * Draws SVG as PDF paths: shapes, groups, what is used again, clips and patterns, which is all that the drawings of this
 * application are made of.
 * @throws RangeError for an element that it does not know: nothing is left out in silence
 */
export function drawSvg(doc: PDFKit.PDFDocument, markup: string, { x, y, width, height }: Box): void {
  const tree = svgTree(markup);
  const [left = 0, top = 0, wide = 1, tall = 1] = (tree.root.attributes.viewBox ?? "")
    .split(/[\s,]+/)
    .map(Number);
  const scale = Math.min(width / wide, height / tall);
  doc.save();
  doc
    .translate(x + (width - wide * scale) / 2, y + (height - tall * scale) / 2)
    .scale(scale)
    .translate(-left, -top);
  doc.rect(left, top, wide, tall).clip();
  new Drawer(doc, tree).children(tree.root, styleOf(tree.root, plain));
  doc.restore();
}

class Drawer {
  private readonly patterns = new Map<string, KeptForm>();

  constructor(
    private readonly doc: PDFKit.PDFDocument,
    private readonly tree: SvgTree,
  ) {}

  children(element: SvgElement, style: Style): void {
    for (const child of element.children) this.element(child, style);
  }

  private element(element: SvgElement, inherited: Style): void {
    const { tag, attributes } = element;
    if (unseen.has(tag)) return;
    const style = styleOf(element, inherited);
    const opacity = Number(attributes.opacity ?? 1);
    if (tag === "g" && opacity < 1) {
      const form = makeForm(this.doc, [-far, -far, far, far], true, () =>
        this.within({ ...element, attributes: { ...attributes, opacity: "1" } }, style),
      );
      this.doc.save().opacity(opacity);
      showForm(this.doc, form);
      this.doc.restore();
      return;
    }
    this.within(element, opacity < 1 ? paler(style, opacity) : style);
  }

  /** Draws an element in its own place and within its clip. */
  private within(element: SvgElement, style: Style): void {
    const { tag, attributes } = element;
    const isMoved = attributes.transform !== undefined || attributes["clip-path"] !== undefined;
    if (isMoved) this.doc.save();
    if (attributes.transform !== undefined) this.doc.transform(...matrixOf(attributes.transform));
    if (attributes["clip-path"] !== undefined) this.clip(attributes["clip-path"]);
    if (tag === "g" || tag === "svg") this.children(element, style);
    else if (tag === "use") this.use(element, style);
    else if (isShape(tag)) this.shape(element, style);
    else throw new RangeError(`a drawing has a ${tag} in it, which is not known`);
    if (isMoved) this.doc.restore();
  }

  private use({ attributes }: SvgElement, style: Style): void {
    const used = this.referred(attributes.href);
    const [x, y] = [Number(attributes.x ?? 0), Number(attributes.y ?? 0)];
    this.doc.save();
    if (x !== 0 || y !== 0) this.doc.translate(x, y);
    this.element(used, style);
    this.doc.restore();
  }

  /** What a reference means: "#id" or "url(#id)". */
  private referred(reference = ""): SvgElement {
    const id = /#([^)]+)/.exec(reference)?.[1] ?? "";
    const element = this.tree.byId.get(id);
    if (!element) throw new RangeError(`a drawing refers to ${reference}, which is not in it`);
    return element;
  }

  private clip(reference: string): void {
    for (const child of this.referred(reference).children) {
      const element = child.tag === "use" ? this.referred(child.attributes.href) : child;
      this.trace(element);
    }
    this.doc.clip();
  }

  private shape(element: SvgElement, style: Style): void {
    const { fill, stroke, fillOpacity, strokeOpacity, strokeWidth, dash } = style;
    const isFilled = fill !== "none" && fillOpacity > 0;
    const isStroked = stroke !== "none" && strokeWidth > 0 && strokeOpacity > 0;
    if (!isFilled && !isStroked) return;
    const { doc } = this;
    doc.save();
    if (isFilled && fill.startsWith("url(")) {
      doc.fillOpacity(fillOpacity);
      usePattern(doc, this.pattern(fill));
    } else if (isFilled) doc.fillColor(fill, fillOpacity);
    if (isStroked) {
      doc
        .strokeColor(stroke, strokeOpacity)
        .lineWidth(strokeWidth)
        .lineCap(style.lineCap)
        .lineJoin(style.lineJoin);
      if (dash.length > 0) doc.dash([...dash] as never, {});
    }
    this.trace(element);
    if (isFilled && isStroked) doc.addContent(style.evenOdd ? "B*" : "B");
    else if (isFilled) doc.addContent(style.evenOdd ? "f*" : "f");
    else doc.addContent("S");
    doc.restore();
  }

  /** Lays the outline of a shape down, to be filled, stroked or clipped to. */
  private trace({ tag, attributes }: SvgElement): void {
    const number = (name: string) => Number(attributes[name] ?? 0);
    if (!isShape(tag)) throw new RangeError(`a drawing is clipped to a ${tag}, which is no shape`);
    tracers[tag](this.doc, number, attributes.d ?? "");
  }

  /** The pattern of a fill, made once for each place it is used from: a pattern keeps to where it was begun. */
  private pattern(reference: string): KeptForm {
    const first = this.referred(reference);
    const from = first.attributes.href === undefined ? first : this.referred(first.attributes.href);
    const transform = first.attributes.patternTransform ?? from.attributes.patternTransform;
    const matrix = matrixOf(transform);
    const inner = this.doc as unknown as { readonly _ctm: readonly number[] };
    const key = `${reference} ${inner._ctm.map((value) => value.toFixed(4)).join(" ")}`;
    const known = this.patterns.get(key);
    if (known) return known;
    const [width, height] = [Number(from.attributes.width), Number(from.attributes.height)];
    const made = makePattern(this.doc, { width, height }, matrix, () => this.children(from, plain));
    this.patterns.set(key, made);
    return made;
  }
}

/** What is not drawn where it stands. */
const unseen: ReadonlySet<string> = new Set(["defs", "clipPath", "pattern", "title", "desc"]);

type Trace = (doc: PDFKit.PDFDocument, number: (name: string) => number, d: string) => void;

const tracers = {
  path: (doc, _, d) => void doc.path(d),
  rect: (doc, number) => {
    const [x, y, width, height, radius] = [
      number("x"),
      number("y"),
      number("width"),
      number("height"),
      number("rx"),
    ];
    if (radius > 0) doc.roundedRect(x, y, width, height, radius);
    else doc.rect(x, y, width, height);
  },
  circle: (doc, number) => void doc.circle(number("cx"), number("cy"), number("r")),
  ellipse: (doc, number) => void doc.ellipse(number("cx"), number("cy"), number("rx"), number("ry")),
  line: (doc, number) => void doc.moveTo(number("x1"), number("y1")).lineTo(number("x2"), number("y2")),
} as const satisfies Record<string, Trace>;

function isShape(tag: string): tag is keyof typeof tracers {
  return Object.hasOwn(tracers, tag);
}

function styleOf({ attributes: own }: SvgElement, from: Style): Style {
  const number = (name: string, otherwise: number) =>
    own[name] === undefined ? otherwise : Number(own[name]);
  return {
    fill: own.fill ?? from.fill,
    stroke: own.stroke ?? from.stroke,
    strokeWidth: number("stroke-width", from.strokeWidth),
    lineCap: (own["stroke-linecap"] as Style["lineCap"] | undefined) ?? from.lineCap,
    lineJoin: (own["stroke-linejoin"] as Style["lineJoin"] | undefined) ?? from.lineJoin,
    dash: own["stroke-dasharray"] === undefined ? from.dash : dashOf(own["stroke-dasharray"]),
    fillOpacity: number("fill-opacity", from.fillOpacity),
    strokeOpacity: number("stroke-opacity", from.strokeOpacity),
    evenOdd: own["fill-rule"] === undefined ? from.evenOdd : own["fill-rule"] === "evenodd",
  };
}

function dashOf(written: string): readonly number[] {
  return written === "none" ? [] : written.split(/[\s,]+/).map(Number);
}

/** One shape by itself is as pale as its group would be. */
function paler(style: Style, opacity: number): Style {
  return {
    ...style,
    fillOpacity: style.fillOpacity * opacity,
    strokeOpacity: style.strokeOpacity * opacity,
  };
}
