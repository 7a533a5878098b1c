/** A drawing that is kept once in a document, and shown from there. */
export interface Stamp {
  readonly name: string;
  readonly form: Reference;
}

/** An object of the file: its types ask for an ending that it does without. */
type Reference = Omit<PDFKit.PDFKitReference, "end"> & { readonly end: () => void };

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

/**
 * Draws into a form of its own instead of onto the page (a form XObject: ISO 32000-1, 8.10), so that what is shown on
 * many pages weighs, and is worked out, once.
 */
export function makeStamp(
  document: PDFKit.PDFDocument,
  { width, height }: { readonly width: number; readonly height: number },
  draw: () => void,
): Stamp {
  const doc = document as unknown as Inner;
  const resources = doc.ref({});
  const form = doc.ref({
    Type: "XObject",
    Subtype: "Form",
    FormType: 1,
    BBox: [0, 0, width, height],
    Resources: resources,
  });
  const { page, _ctm } = doc;
  const kept: Resources = { fonts: {}, xobjects: {}, ext_gstates: {}, patterns: {} };
  doc.page = { ...kept, width: page.width, height: page.height, write: (data) => void form.write(data) };
  doc._ctm = [1, 0, 0, 1, 0, 0];
  try {
    draw();
  } finally {
    doc.page = page;
    doc._ctm = _ctm;
  }
  Object.assign(resources.data, {
    Font: kept.fonts,
    XObject: kept.xobjects,
    ExtGState: kept.ext_gstates,
    Pattern: kept.patterns,
  });
  resources.end();
  form.end();
  made += 1;
  return { name: `Stamp${made}`, form };
}

/** Shows a stamp with its upper left corner at a place. */
export function showStamp(document: PDFKit.PDFDocument, { name, form }: Stamp, x: number, y: number): void {
  const doc = document as unknown as Inner;
  doc.page.xobjects[name] = form;
  document.save().translate(x, y);
  document.addContent(`/${name} Do`);
  document.restore();
}
