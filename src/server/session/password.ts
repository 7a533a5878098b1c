import "server-only";
import { hash, verify } from "@node-rs/argon2";

/** Hashes a password with argon2id, the package's defaults (19 MiB, 2 passes; OWASP's floor). */
export function hashPassword(password: string): Promise<string> {
  return hash(password);
}

let nobody: Promise<string> | undefined;

/**
 * Whether a password is the one that was hashed. Without a hash it still does the work, so that the time
 * taken does not tell whether an account exists.
 */
export async function passwordFits(password: string, hashed: string | null): Promise<boolean> {
  nobody ??= hash("nobody has this password");
  // A hash that cannot be read fits nothing.
  const fits = await verify(hashed ?? (await nobody), password).catch(() => false);
  return hashed !== null && fits;
}
