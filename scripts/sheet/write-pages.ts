import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { renderToStaticMarkup } from "react-dom/server";
import { pages } from "./pages";

const [, , folder = "sheet", ...wanted] = process.argv;
const chosen = Object.entries(pages).filter(([name]) => wanted.length === 0 || wanted.includes(name));

const style = `
  :root { --figure-rule: #8a8a8a; --figure-ink: #333; --thread: #b03a3a; }
  body { margin: 0; padding: 16px; background: #f2f2f2; color: #333; font: 12px/1.3 sans-serif; }
  main { display: flex; flex-wrap: wrap; gap: 14px 10px; align-items: end; }
  figure { margin: 0; text-align: center; }
  figure svg { display: block; margin: 0 auto 4px; }
  svg.tied { width: 224px; height: 250px; background: #fff; }
  svg.plate { width: 104px; height: 104px; }
  h2 { flex-basis: 100%; margin: 6px 0 0; font: 600 13px/1 sans-serif; }
`;
for (const [name, page] of chosen)
  writeFileSync(
    join(folder, `${name}.html`),
    `<!doctype html><meta charset="utf-8"><title>${name}</title><style>${style}</style><main>${renderToStaticMarkup(page())}</main>`,
  );
writeFileSync(join(folder, "pages.json"), JSON.stringify(chosen.map(([name]) => name)));
