import { times, type Matrix } from "./transform";

/** An object of the file: its types ask for an ending that it does without. */
type Reference = Omit<PDFKit.PDFKitReference, "end"> & { readonly end: () => void };

/** A drawing that is kept once in a document, and shown from there. */
export interface KeptForm {
  readonly name: string;
  readonly object: Reference;
}

/** What a page keeps of what is drawn on it. */
interface Resources {
  readonly fonts: Record<string, unknown>;
  readonly xobjects: Record<string, unknown>;
  readonly ext_gstates: Record<string, unknown>;
  readonly patterns: Record<string, unknown>;
}

/** The document with what its types leave out: the page that is written to, and the transformation in force. */
type Inner = Omit<PDFKit.PDFDocument, "page" | "ref"> & {
  readonly ref: (data: object) => Reference;
  page: Resources & {
    readonly width: number;
    readonly height: number;
    readonly write: (data: string) => void;
  };
  _ctm: readonly number[];
};

let made = 0;

/** Draws into an object of the file instead of onto the page. */
function keep(document: PDFKit.PDFDocument, entries: object, draw: () => void): KeptForm {
  const doc = document as unknown as Inner;
  const resources = doc.ref({});
  const object = doc.ref({ ...entries, Resources: resources });
  const { page, _ctm } = doc;
  const own: Resources = { fonts: {}, xobjects: {}, ext_gstates: {}, patterns: {} };
  doc.page = {
    ...own,
    width: page.width,
    height: page.height,
    write: (data) => {
      object.write(data);
    },
  };
  doc._ctm = [1, 0, 0, 1, 0, 0];
  try {
    draw();
  } finally {
    doc.page = page;
    doc._ctm = _ctm;
  }
  Object.assign(resources.data, {
    Font: own.fonts,
    XObject: own.xobjects,
    ExtGState: own.ext_gstates,
    Pattern: own.patterns,
  });
  resources.end();
  object.end();
  made += 1;
  return { name: `Kept${made}`, object };
}

/**
 * A form XObject (ISO 32000-1, 8.10): what is shown on many pages weighs, and is worked out, once.
 * @param box what it may draw on: left, top, right and bottom
 * @param isGroup whether it is made pale as a whole, not piece by piece (11.6.6)
 */
export function makeForm(
  doc: PDFKit.PDFDocument,
  box: readonly [number, number, number, number],
  isGroup: boolean,
  draw: () => void,
): KeptForm {
  const group = isGroup && { Group: { S: "Transparency", CS: "DeviceRGB", I: true, K: false } };
  return keep(doc, { Type: "XObject", Subtype: "Form", FormType: 1, BBox: box, ...group }, draw);
}

/** Shows a form where the document stands. */
export function showForm(document: PDFKit.PDFDocument, { name, object }: KeptForm): void {
  const doc = document as unknown as Inner;
  doc.page.xobjects[name] = object;
  document.addContent(`/${name} Do`);
}

/**
 * A tiling pattern (ISO 32000-1, 8.7.3), laid out where the document stands now.
 * @param tile its size, in the drawing's own measure
 * @param matrix how it is turned within the drawing
 */
export function makePattern(
  document: PDFKit.PDFDocument,
  { width, height }: { readonly width: number; readonly height: number },
  matrix: Matrix,
  draw: () => void,
): KeptForm {
  const { _ctm } = document as unknown as Inner;
  const entries = {
    Type: "Pattern",
    PatternType: 1,
    PaintType: 1,
    TilingType: 1,
    BBox: [0, 0, width, height],
    XStep: width,
    YStep: height,
    Matrix: times(_ctm as unknown as Matrix, matrix).map((value) => Number(value.toFixed(6))),
  };
  return keep(document, entries, draw);
}

/** Fills with a pattern from here on. */
export function usePattern(document: PDFKit.PDFDocument, { name, object }: KeptForm): void {
  const doc = document as unknown as Inner;
  doc.page.patterns[name] = object;
  document.addContent(`/Pattern cs /${name} scn`);
}
