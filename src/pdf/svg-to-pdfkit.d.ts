declare module "svg-to-pdfkit" {
  interface Placing {
    readonly width: number;
    readonly height: number;
    readonly preserveAspectRatio?: string;
    /** How finely lengths along curves are reckoned; 3 where it is left out. */
    readonly precision?: number;
  }
  export default function drawSvg(
    doc: PDFKit.PDFDocument,
    svg: string,
    x: number,
    y: number,
    placing: Placing,
  ): void;
}
