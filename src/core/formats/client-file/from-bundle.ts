import { read } from "../../reading/read";
import type { KeptReading } from "../../studio/look-record";
import { layOut } from "../../studio/wardrobe";
import type { Bundle } from "../bundle";
import type { ClientFile, FiledLook } from "./client-file";

/** Between two looks of a bundle, ms: they stand in the order in which they were last worked on, the last first. */
const apart = 60_000;

/**
 * A client as the format before this one has her, `juxtane.bundle`: it knew no dates but those of wear, and no photos.
 * @param at when it is taken in, as an ISO time: what has no date of its own is of then
 */
export function fromBundle(bundle: Bundle, at: string): ClientFile {
  const { client, pieces, care, occasions, bases, sets, looks, gaps } = bundle;
  const { measured, ruleBook, ...figures } = client;
  const book = { ...ruleBook, version: 1 };
  const readingOf = readerOf(bundle);
  const there = { putAwayAt: null };
  return {
    client: figures,
    measurements: Object.entries(measured).map(([name, cm]) => ({
      name: name as keyof typeof measured,
      cm,
      takenAt: at,
    })),
    ruleBooks: [{ book, madeAt: at }],
    pieces: pieces.map((piece) => {
      const known = care.find((each) => each.piece === piece.id);
      return {
        piece,
        ofKit: false,
        state: known?.state ?? "ready",
        backOn: known?.backOn ?? null,
        needs: known?.needs ?? [],
        photo: null,
        ...there,
      };
    }),
    occasions: occasions.map((occasion) => ({ occasion, ...there })),
    bases: bases.map((base) => ({ ...base, ...there })),
    sets: sets.map((set) => ({
      ...set,
      retiredAt: null,
      worn: set.worn.map((day) => ({ day, struckAt: null })),
      ...there,
    })),
    looks: looks.map((look, i): FiledLook => ({
      ...look,
      id: `look-${i + 1}`,
      name: "",
      note: "",
      stepId: null,
      ownVerdict: null,
      read: readingOf(look),
      keptAt: new Date(Date.parse(at) - i * apart).toISOString(),
      steps: [],
      ...there,
    })),
    overrulings: [],
    declined: [],
    gaps: gaps.map((gap) => ({ ...gap, ...there })),
    links: [],
  };
}

/** Reads the looks of a bundle by the rule book their client comes with. */
function readerOf({ client, pieces, occasions, bases }: Bundle) {
  const wardrobe = { client: { ...client, id: "client" }, pieces, occasions, away: [] };
  const garments = new Map(bases.map(({ id, pieceIds }) => [id, pieceIds]));
  return (look: Bundle["looks"][number]): KeptReading => {
    const { verdict, score } = read(
      layOut(wardrobe, { ...look, garmentIds: garments.get(look.baseId) ?? [] }),
    );
    return { verdict, score, ruleBookVersion: 1 };
  };
}
