import { dress } from "../dressing/dress";
import type { Look } from "../piece/look";
import { jarsAtHem, readHem } from "../reading/hems";
import { readLook, type ReadLook } from "../reading/read-many";
import { isGrave } from "../reading/verdict";
import type { Rule } from "../rules/define-rule";
import { registry } from "../rules/registry";

/** A look that jars, with the rules it jars by. */
export interface Jarring {
  readonly read: ReadLook;
  readonly by: readonly Rule[];
}

/** Reads a look for what it jars by; without any it does not jar. */
export function jarringOf(look: Look): Jarring {
  const read = readLook(look);
  return {
    read,
    by: registry.filter((_, i) => read.said[i]?.some(isGrave)),
  };
}

/**
 * Whether a look made of one that jars still does, however its hem is worn: by one of the same rules, and not at the hem,
 * where alone a turn-up mends. A few rules tell; where they do not it has to be read.
 */
export function stillJars({ by }: Jarring, look: Look): boolean {
  const dressed = dress(look);
  return by.some((rule) => rule.read(dressed).some(isGrave)) && !jarsAtHem(readHem(dressed));
}
