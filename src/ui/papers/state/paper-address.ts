import type { PaperKind, SheetName } from "@/core/studio/paper-source";

interface PaperAsked {
  readonly clientId: string;
  readonly kind: PaperKind;
  readonly sheet: SheetName;
  /** Ids of looks; left out: each base's look for each occasion last worked on. */
  readonly looks?: readonly string[] | undefined;
  /** The scarf of a scarf card, and how it is tied. */
  readonly scarf?: string | undefined;
  readonly tie?: object | undefined;
}

/** Where a paper is seen, and where its PDF is asked for. */
export function paperAddress(asked: PaperAsked) {
  const { clientId, kind, sheet, looks, scarf, tie } = asked;
  const query = new URLSearchParams({
    sheet,
    ...(looks && { looks: looks.join(",") }),
    ...(scarf !== undefined && { scarf }),
    ...(tie && { tie: JSON.stringify(tie) }),
  });
  const seen = `/clients/${clientId}/papers/${kind}` as const;
  return { seen: `${seen}?${query}` as const, pdf: `${seen}/pdf?${query}` };
}
