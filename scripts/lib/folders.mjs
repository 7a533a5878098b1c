import { createHash } from "node:crypto";
import { join } from "node:path";
import { fileURLToPath } from "node:url";

export const root = fileURLToPath(new URL("../..", import.meta.url)).replace(/\/$/, "");

export const isRoot = process.getuid?.() === 0;

/**
 * Where this clone keeps its data: inside the clone for an ordinary user; as root under /var/lib, because
 * PostgreSQL then runs as user postgres, who may not be able to enter the folder of the clone.
 */
export function dataFolder() {
  if (process.env.JUXTANE_DATA) return process.env.JUXTANE_DATA;
  const mark = createHash("sha256").update(root).digest("hex").slice(0, 10);
  return isRoot ? join("/var/lib/juxtane", mark) : join(root, ".data");
}
