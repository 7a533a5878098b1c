import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { ElementHandle, Page } from "puppeteer-core";

const folder = mkdtempSync(join(tmpdir(), "juxtane-chosen-"));

/** A file of this name with this content, as somebody would choose it. */
export function fileOf(name: string, content: string | Uint8Array): string {
  const path = join(folder, name);
  writeFileSync(path, content);
  return path;
}

/** Chooses a file in the field of a selector. */
export async function chooseFile(page: Page, input: string, path: string): Promise<void> {
  const field = (await page.waitForSelector(input)) as ElementHandle<HTMLInputElement>;
  await field.uploadFile(path);
}
