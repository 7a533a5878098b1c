/**
 * Writes a drawing of the page to a file of its own: the variables of its surround are written out, so that
 * it looks the same everywhere.
 */
export function saveSvg(drawing: SVGSVGElement, fileName: string): void {
  const style = getComputedStyle(drawing);
  const whole = drawing.cloneNode(true) as SVGSVGElement;
  const [, , width = "100", height = "200"] = (drawing.getAttribute("viewBox") ?? "").split(/\s+/);
  whole.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  whole.setAttribute("width", `${Number(width) * 5}`);
  whole.setAttribute("height", `${Number(height) * 5}`);
  whole.setAttribute("font-family", "sans-serif");
  const text = new XMLSerializer()
    .serializeToString(whole)
    .replace(/var\((--[a-z-]+)\)/g, (_, name: string) => style.getPropertyValue(name).trim() || "#333333");
  const url = URL.createObjectURL(new Blob([text], { type: "image/svg+xml" }));
  const link = document.createElement("a");
  link.href = url;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(url);
}
