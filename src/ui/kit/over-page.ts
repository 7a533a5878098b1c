/** Where lists and hints that lie over the page are drawn: a landmark of its own, so that readers find them. */
export const overPageId = "over-page";

/** Where a list opened from an element is drawn: within the dialog it stands in, else over the page. */
export function overPage(from: Element | null): HTMLElement | null {
  return from?.closest<HTMLElement>("[role=dialog]") ?? document.getElementById(overPageId);
}
