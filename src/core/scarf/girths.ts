import type { Body } from "../body/body";
import type { GirthName } from "./ties/define-tie";

/** Girths (cm) of what is not measured on a body, as they usually are. */
const usual = { handle: 4, loop: 4, hair: 9 } as const;
/** Girth of the head as a share of the height (published anthropometry). */
const headShare = 0.333;
/** How much wider than the head the crown of a hat is, cm. */
const hatOverHead = 3;

/** Every girth a tie may go round, cm, and whether it was measured or is an estimate. */
export type Girths = Readonly<Record<GirthName, { readonly cm: number; readonly estimated: boolean }>>;

export function girthsOf({ height, measures }: Body): Girths {
  const head = height * headShare;
  const guessed = (cm: number) => ({ cm, estimated: true });
  return {
    neck: measures.neck,
    wrist: measures.wrist,
    waist: measures.waist,
    hip: measures.hip,
    bust: measures.bust,
    head: guessed(head),
    hat: guessed(head + hatOverHead),
    hair: guessed(usual.hair),
    handle: guessed(usual.handle),
    loop: guessed(usual.loop),
  };
}
