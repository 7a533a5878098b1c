import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import type { Page } from "puppeteer-core";

const axe = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");

interface Violation {
  readonly id: string;
  readonly impact: string;
  readonly nodes: readonly { readonly html: string }[];
}

/** What axe-core finds, of whatever impact, the size of targets included. */
export async function axeFinds(page: Page): Promise<string[]> {
  await page.evaluate(axe);
  const found = (await page.evaluate(
    'axe.run({ rules: { "target-size": { enabled: true } } }).then((result) => result.violations)',
  )) as Violation[];
  return found.map(
    ({ id, impact, nodes }) => `${impact} ${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(" | ")}`,
  );
}
