import "server-only";
import { createHash, randomBytes } from "node:crypto";

/** The end of a one-time link: 192 random bits, of which only the hash is kept. */
export function newToken(): { readonly token: string; readonly hash: string } {
  const token = randomBytes(24).toString("base64url");
  return { token, hash: hashOfToken(token) };
}

export function hashOfToken(token: string): string {
  return createHash("sha256").update(token).digest("hex");
}

/** The end of a private link: 128 random bits, of which only the hash is kept. */
export function newLinkToken(): { readonly token: string; readonly hash: string } {
  const token = randomBytes(16).toString("base64url");
  return { token, hash: hashOfToken(token) };
}
