/** Hands something over as a file of its own. */
export function saveFile(content: string | Blob, type: string, fileName: string): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(url);
}

/** How many pixels a cm of a drawing takes in its file. */
const pixelsPerCm = 5;
/** How many more in a picture, so that it is sharp on a phone and on paper. */
const sharp = 3;

/** Writes a drawing of the page to a file of its own. */
export function saveSvg(drawing: SVGSVGElement, fileName: string): void {
  saveFile(standAlone(drawing), "image/svg+xml", fileName);
}

/** Writes a drawing of the page as a picture, on the ground it stands before. @throws where the browser cannot draw it */
export async function savePicture(drawing: SVGSVGElement, fileName: string): Promise<void> {
  const url = URL.createObjectURL(new Blob([standAlone(drawing)], { type: "image/svg+xml" }));
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const canvas = document.createElement("canvas");
    canvas.width = image.width * sharp;
    canvas.height = image.height * sharp;
    const context = canvas.getContext("2d");
    if (!context) throw new Error("no canvas");
    context.fillStyle = getComputedStyle(drawing).getPropertyValue("--ground").trim() || "#f5f5f5";
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(image, 0, 0, canvas.width, canvas.height);
    const picture = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/png"));
    if (!picture) throw new Error("no picture");
    saveFile(picture, "image/png", fileName);
  } finally {
    URL.revokeObjectURL(url);
  }
}

/** A drawing with its size, and with the variables of its surround written out: it looks the same everywhere. */
export function standAlone(drawing: SVGSVGElement): string {
  const style = getComputedStyle(drawing);
  const whole = drawing.cloneNode(true) as SVGSVGElement;
  const [, , width = "100", height = "200"] = (drawing.getAttribute("viewBox") ?? "").split(/\s+/);
  whole.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  whole.setAttribute("width", `${Number(width) * pixelsPerCm}`);
  whole.setAttribute("height", `${Number(height) * pixelsPerCm}`);
  whole.setAttribute("font-family", "sans-serif");
  return new XMLSerializer()
    .serializeToString(whole)
    .replace(/var\((--[a-z-]+)\)/g, (_, name: string) => style.getPropertyValue(name).trim() || "#333333");
}
