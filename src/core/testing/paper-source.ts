import type { Bundle } from "../formats/bundle";
import { isKind, isLegged } from "../piece/piece";
import { usualTie } from "../piece/tied-scarf";
import { read } from "../reading/read";
import { inseamFor } from "../reading/tailor";
import { reachOf } from "../search/reach";
import type { PaperSource } from "../studio/paper-source";
import type { ShownLook } from "../studio/shown-look";
import { layOut, type Wardrobe } from "../studio/wardrobe";

type OwnWardrobe = Wardrobe & { readonly client: PaperSource["client"] };

/**
 * What the papers of a client in a bundle are made from.
 * @param count how many looks: those of the bundle first, then every set on every base
 */
export function paperSourceOf(bundle: Bundle, count = 3): PaperSource {
  const client = { ...bundle.client, id: "client", seated: false } as PaperSource["client"];
  const wardrobe = { client, pieces: bundle.pieces, occasions: bundle.occasions, away: [] };
  const looks = looksOf(bundle, wardrobe, count);
  const shoes = bundle.pieces.filter((piece) => isKind(piece, "shoe")).slice(0, 3);
  const scarf = bundle.pieces.filter((piece) => isKind(piece, "scarf")).find((piece) => usualTie(piece));
  const settings = scarf && usualTie(scarf);
  return {
    studio: "Quillmere Studio",
    unit: "cm",
    today: "2026-11-24",
    client,
    looks,
    sets: setsOf(bundle, wardrobe),
    gaps: bundle.gaps.map((gap, at) => ({ ...gap, id: `gap ${at}`, clientId: client.id, version: 1 })),
    hems: bundle.pieces
      .filter(isLegged)
      .slice(0, 2)
      .map((trousers) => ({ trousers, shoes, answer: inseamFor(client, trousers, shoes) })),
    scarf:
      scarf && settings
        ? { scarf, settings, garments: piecesOf(bundle, bundle.bases[0]?.pieceIds ?? []), tiedTo: [] }
        : null,
  };
}

/** The looks of a bundle, and then every set on every base, as they are shown. */
function looksOf(bundle: Bundle, wardrobe: OwnWardrobe, count: number): ShownLook[] {
  const { client } = wardrobe;
  const keys = [
    ...bundle.looks,
    ...bundle.bases.flatMap((base) =>
      bundle.sets.map((set) => ({
        baseId: base.id,
        occasionId: null,
        accessoryIds: set.pieceIds,
        adjustments: set.ways,
      })),
    ),
  ].slice(0, count);
  return keys.flatMap((key, at): ShownLook[] => {
    const base = bundle.bases.find(({ id }) => id === key.baseId);
    if (!base) return [];
    const look = layOut(wardrobe, { ...key, garmentIds: base.pieceIds });
    const reading = read(look);
    return [
      {
        record: {
          ...key,
          id: `look ${at}`,
          clientId: client.id,
          name: "",
          note: "",
          version: 1,
          stepId: null,
          ownVerdict: null,
          read: null,
        },
        client,
        base: { ...base, clientId: client.id, ways: [], version: 1 },
        look,
        reading,
        verdict: reading.verdict,
        worst: undefined,
      },
    ];
  });
}

function setsOf(bundle: Bundle, wardrobe: OwnWardrobe): PaperSource["sets"] {
  return bundle.sets.map(({ id, name: called, pieceIds, ways }) => ({
    id,
    name: called,
    pieces: piecesOf(bundle, pieceIds),
    ways,
    reach: bundle.bases.map((base) =>
      reachOf(
        layOut(wardrobe, {
          garmentIds: base.pieceIds,
          accessoryIds: pieceIds,
          adjustments: ways,
          occasionId: null,
        }),
      ),
    ),
  }));
}

function piecesOf(bundle: Bundle, ids: readonly string[]) {
  return ids.flatMap((id) => bundle.pieces.find((piece) => piece.id === id) ?? []);
}
