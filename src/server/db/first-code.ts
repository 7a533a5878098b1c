import { createHash } from "node:crypto";

/** What is kept of the code of a first run, however it is typed. */
export function hashOfCode(code: string): string {
  const plain = code.toUpperCase().replace(/[^A-Z0-9]/g, "");
  return createHash("sha256").update(plain).digest("hex");
}
