import type { ReactElement } from "react";
import { flushSync } from "react-dom";
import { createRoot } from "react-dom/client";

/** A drawing made beside the page, for a file: nobody sees it there. @throws where it is no drawing */
export function drawnAside(drawing: ReactElement): SVGSVGElement {
  const host = document.createElement("div");
  const root = createRoot(host);
  flushSync(() => root.render(drawing));
  const svg = host.querySelector("svg");
  root.unmount();
  if (!svg) throw new Error("there is nothing drawn to save");
  return svg;
}
