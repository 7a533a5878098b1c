import type { Page } from "puppeteer-core";

/** Waits until a station of the bench holds a piece. */
export async function isOn(page: Page, slot: string, piece: string): Promise<void> {
  await page.waitForFunction(
    (station, wanted) => document.querySelector(station)?.textContent?.includes(wanted),
    {},
    `#station-${slot}`,
    piece,
  );
}

/** Puts a candidate of the station on by pressing its plate, also one that does not belong at the occasion. */
export async function putOn(page: Page, slot: string, piece: string): Promise<void> {
  await page.click(`#station-${slot}`);
  await page.waitForFunction(
    (wanted) => {
      const plates = [...document.querySelectorAll('[aria-label="Tray"] [role="option"]')];
      if (plates.some((plate) => plate.textContent?.includes(wanted))) return true;
      const buttons = [...document.querySelectorAll<HTMLElement>('[aria-label="Tray"] button')];
      buttons.find((button) => button.textContent === "Show them")?.click();
      return false;
    },
    {},
    piece,
  );
  await page.evaluate((wanted) => {
    const plates = [...document.querySelectorAll<HTMLElement>('[aria-label="Tray"] [role="option"]')];
    plates.find((plate) => plate.textContent?.includes(wanted))?.click();
  }, piece);
  await isOn(page, slot, piece);
}
