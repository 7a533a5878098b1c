import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readFileSync, readdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { isRoot, root } from "./folders.mjs";
import { Problem } from "./problem.mjs";

const stamp = join(root, "node_modules", ".juxtane-installed");

/** Installs the npm packages when they are missing or other than the lock file says. */
export function ensurePackages(log) {
  const lock = createHash("sha256")
    .update(readFileSync(join(root, "package-lock.json")))
    .digest("hex");
  const current = existsSync(stamp) && readFileSync(stamp, "utf8") === lock && missingPackages().length === 0;
  if (current) return;
  log("Installing npm packages (a minute or two the first time)");
  const run = spawnSync("npm", ["ci", "--no-audit", "--no-fund", "--loglevel=error"], {
    cwd: root,
    encoding: "utf8",
  });
  if (run.status !== 0)
    throw new Problem(
      `npm could not install the packages: ${lastLine(run.stderr) || "is the registry reachable?"}`,
    );
  writeFileSync(stamp, lock);
}

function missingPackages() {
  const { dependencies, devDependencies } = JSON.parse(readFileSync(join(root, "package.json"), "utf8"));
  return Object.keys({ ...dependencies, ...devDependencies }).filter(
    (name) => !existsSync(join(root, "node_modules", name, "package.json")),
  );
}

/** The folder of PostgreSQL's server programs, the newest version found; null without any. */
export function findPostgres() {
  const home = "/usr/lib/postgresql";
  const versions = existsSync(home) ? readdirSync(home).sort((a, b) => Number(b) - Number(a)) : [];
  const found = versions
    .map((version) => join(home, version, "bin"))
    .find((bin) => existsSync(join(bin, "initdb")));
  if (found) return found;
  const onPath = spawnSync("sh", ["-c", "dirname $(command -v initdb)"], { encoding: "utf8" });
  const bin = onPath.stdout.trim();
  return bin && existsSync(join(bin, "initdb")) ? bin : null;
}

/** PostgreSQL's programs, installed from Debian when they are missing and we may. */
export function ensurePostgres(log) {
  const found = findPostgres();
  if (found) return found;
  installDebian("postgresql", "PostgreSQL", log);
  const bin = findPostgres();
  if (!bin) throw new Problem("PostgreSQL was installed but its initdb cannot be found.");
  return bin;
}

/** Chromium's path, installed from Debian when it is missing and we may. */
export function ensureChromium(log) {
  const path = process.env.CHROMIUM ?? "/usr/bin/chromium";
  if (!existsSync(path)) installDebian("chromium", "Chromium", log);
  if (!existsSync(path)) throw new Problem(`Chromium is not at ${path}: set CHROMIUM to where it is.`);
  return path;
}

/** The path of a server program of Debian's, installed when it is missing and we may. */
export function ensureServer(name, log) {
  const path = `/usr/sbin/${name}`;
  if (!existsSync(path)) installDebian(name, name, log);
  return path;
}

/** The programs that look into a PDF, installed from Debian when they are missing and we may. */
export function ensurePdfReaders(log) {
  if (!existsSync("/usr/bin/pdftotext")) installDebian("poppler-utils", "Poppler", log);
}

function installDebian(name, title, log) {
  const line = `apt-get update && apt-get install -y ${name}`;
  if (!isRoot)
    throw new Problem(`${title} is not installed. Run this once, then start again:  sudo sh -c "${line}"`);
  log(`Installing ${title} from Debian`);
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  const run = spawnSync(
    "sh",
    ["-c", `apt-get update -qq && apt-get install -y -qq --no-install-recommends ${name}`],
    { env, encoding: "utf8" },
  );
  if (run.error || run.status !== 0)
    throw new Problem(`${title} could not be installed (${lastLine(run.stderr)}). Run:  ${line}`);
}

function lastLine(text) {
  return (text ?? "").trim().split("\n").at(-1) ?? "";
}
