import type { Colouring } from "@/core/piece/client";

/** The colours a body is drawn in. */
export interface DrawnColouring extends Pick<Colouring, "hairForm"> {
  readonly skin: string;
  readonly hair: string;
}

/** The linen and the twine of a dressmaker's stand. */
const stand = { skin: "#e4dacb", hair: "#a99c8a" } as const;

/** The colours of a client; where nobody has said them she is drawn as a dressmaker's stand. */
export function drawnColouring({ skin, hair, hairForm }: Colouring): DrawnColouring {
  return { skin: skin ?? stand.skin, hair: hair ?? stand.hair, hairForm };
}
