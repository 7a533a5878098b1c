import "server-only";
import { Secret, TOTP } from "otpauth";
import { passSecondStep, passSpareCode, type SecondStep } from "../records/second-steps";
import { spelledCode } from "../spelled-code";
import { hashOfToken } from "./tokens";

/** How long a code holds, in s, as every app on a phone has it (RFC 6238). */
const period = 30;
const spareCodes = { count: 8, length: 10 } as const;

/** A secret of 160 bits, in base 32, and the address by which a phone takes it up. */
export function newSecondStep(email: string): { readonly secret: string; readonly address: string } {
  const secret = new Secret({ size: 20 });
  return { secret: secret.base32, address: codesOf(secret.base32, email).toString() };
}

function codesOf(secret: string, label = ""): TOTP {
  return new TOTP({ issuer: "Juxtane", label, secret: Secret.fromBase32(secret), period, digits: 6 });
}

/** The half minute whose code this is, at most one before or after now: phones go wrong a little; null for none. */
export function turnOf(secret: string, code: string, now = Date.now()): number | null {
  const off = codesOf(secret).validate({ token: code, timestamp: now, window: 1 });
  return off === null ? null : Math.floor(now / 1000 / period) + off;
}

/** Codes that sign in once each without the phone; only their hashes are kept. */
export function newSpareCodes(): { readonly codes: readonly string[]; readonly hashes: readonly string[] } {
  const codes = Array.from({ length: spareCodes.count }, () => spelledCode(spareCodes.length));
  return { codes, hashes: codes.map(hashOfToken) };
}

/** Whether a code of her phone, or a spare one, lets somebody through; it is used up by that. */
export async function passes(userId: string, { secret }: SecondStep, code: string): Promise<boolean> {
  const given = code.replace(/[\s-]/g, "").toUpperCase();
  const turn = /^\d{6}$/.test(given) ? turnOf(secret, given) : null;
  return turn === null ? passSpareCode(userId, hashOfToken(given)) : passSecondStep(userId, turn);
}
