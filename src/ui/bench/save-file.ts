/** Hands a text over as a file of its own. */
export function saveFile(text: string, type: string, fileName: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(url);
}

/** How many pixels a cm of a drawing takes in its file. */
const pixelsPerCm = 5;

/**
 * Writes a drawing of the page to a file of its own: the variables of its surround are written out, so that
 * it looks the same everywhere.
 */
export function saveSvg(drawing: SVGSVGElement, fileName: string): void {
  const style = getComputedStyle(drawing);
  const whole = drawing.cloneNode(true) as SVGSVGElement;
  const [, , width = "100", height = "200"] = (drawing.getAttribute("viewBox") ?? "").split(/\s+/);
  whole.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  whole.setAttribute("width", `${Number(width) * pixelsPerCm}`);
  whole.setAttribute("height", `${Number(height) * pixelsPerCm}`);
  whole.setAttribute("font-family", "sans-serif");
  const text = new XMLSerializer()
    .serializeToString(whole)
    .replace(/var\((--[a-z-]+)\)/g, (_, name: string) => style.getPropertyValue(name).trim() || "#333333");
  saveFile(text, "image/svg+xml", fileName);
}
