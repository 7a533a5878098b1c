import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Browser } from "puppeteer-core";

const patience = 15_000;

/** A folder a browser saves files into, and the files it says it has finished. */
export interface Downloads {
  readonly folder: string;
  /**
   * The names of the next files, once each of them is whole: a file is on the disk before its letters are.
   * @throws where fewer came in time
   */
  next: (count: number) => Promise<string[]>;
  /** The bytes of the next file. */
  nextBytes: () => Promise<Buffer>;
  close: () => void;
}

/** Lets a browser save files into a fresh folder under the names the pages give them. */
export async function openDownloads(browser: Browser): Promise<Downloads> {
  const folder = mkdtempSync(join(tmpdir(), "juxtane-saved-"));
  const session = await browser.target().createCDPSession();
  const nameOf = new Map<string, string>();
  const whole: string[] = [];
  session.on("Browser.downloadWillBegin", ({ guid, suggestedFilename }) => {
    nameOf.set(guid, suggestedFilename);
  });
  session.on("Browser.downloadProgress", ({ guid, state }) => {
    const name = nameOf.get(guid);
    if (state === "completed" && name !== undefined) whole.push(name);
  });
  await session.send("Browser.setDownloadBehavior", {
    behavior: "allow",
    downloadPath: folder,
    eventsEnabled: true,
  });

  const next = async (count: number) => {
    const deadline = Date.now() + patience;
    while (whole.length < count && Date.now() < deadline) await new Promise((again) => setTimeout(again, 20));
    if (whole.length < count) throw new Error(`${whole.length} of ${count} files are saved`);
    return whole.splice(0, count);
  };
  return {
    folder,
    next,
    nextBytes: async () => {
      const [name = ""] = await next(1);
      return readFileSync(join(folder, name));
    },
    close: () => {
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
