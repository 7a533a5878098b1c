import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { dress } from "@/core/dressing/dress";
import { optionsAmong, type Adjustment } from "@/core/piece/adjustment";
import { adjustmentKinds, type AdjustmentKind } from "@/core/piece/adjustments";
import { kinds } from "@/core/piece/kinds";
import { placeOf, type Piece } from "@/core/piece/piece";
import { sample, sampleClient, sampleLook } from "@/core/testing/sample";
import { Figure } from "./figure";

/** What nobody sees: it lies in the shoe, or in the bag. */
const unseen: ReadonlySet<AdjustmentKind> = new Set<AdjustmentKind>(["insole", "spare-pair"]);

const shirt = sample("top", { name: "shirt", figures: { neckline: "shirt collar", sleeve: "long" } });
const knit = sample("top", {
  name: "knit",
  finish: "knit",
  cloth: "fine knit",
  hex: "#8a4b52",
  figures: { sleeve: "long", bodyGirth: 112, tucked: false },
});
const joggers = sample("trousers", { name: "joggers", figures: { hem: "stretch", inseam: 76 } });
const gown = sample("dress", { name: "gown", figures: { ownBelt: true, neckline: "v", sleeve: "none" } });
const blouse = sample("top", { name: "blouse", figures: { offShoulder: true, sleeve: "short" } });
const parka = sample("coat", { name: "parka", figures: { collar: "hood", closed: true } });
const boots = sample("shoe", { name: "boots", figures: { form: "boot", shaft: 22, shaftTop: 34 } });
const watch = sample("watch", {
  name: "watch",
  swatches: [
    { hex: "#5a3a24", share: 1, role: "ground" },
    { hex: "#3f6f8a", share: 1, role: "reverse" },
  ],
  figures: { otherStrap: "cloth" },
});
const bag = sample("bag", {
  name: "bag",
  figures: { carry: "shoulder", strap: 100, handle: 5, handleComesOff: true, adjuster: 70, sideLoops: 6 },
});
const small: Piece[] = [
  sample("earrings", { name: "studs", metal: "gold", figures: { form: "hoop", drop: 1.4 } }),
  sample("brooch", { name: "pin", metal: "gold", figures: { form: "star", width: 4 } }),
  sample("necklace", { name: "chain", metal: "gold", figures: { loop: 90 } }),
  sample("belt", { name: "belt", figures: { width: 4 } }),
  sample("hat", { name: "hat", figures: { form: "felt", brim: 6 } }),
  sample("scarf", { name: "square" }),
  watch,
  bag,
];

/** Outfits between them made for every way. */
const outfits: readonly (readonly Piece[])[] = [
  [sample("trousers", { name: "legs" }), shirt, sample("jacket", { name: "blazer" }), boots, ...small],
  [joggers, shirt, knit],
  [gown, sample("top", { name: "tee" })],
  [joggers, blouse, parka],
];

const markup = (pieces: readonly Piece[], adjustments: readonly Adjustment[], seated = false) => {
  const look = sampleLook({
    client: {
      ...sampleClient,
      seated,
      measured: { ...sampleClient.measured, neck: 36, waist: 76, hip: 100 },
    },
    garments: pieces.filter((piece) => placeOf(piece) !== null),
    accessories: pieces.filter((piece) => placeOf(piece) === null),
    adjustments,
  });
  return renderToStaticMarkup(<Figure dressed={dress(look)} unit="cm" label="" plain />);
};

describe("the figure shows every way of wearing", () => {
  // Ties are drawn by the tests of the scarf.
  it.each(adjustmentKinds.filter((kind) => kind !== "tie"))(
    "%s, each way otherwise than the others and than as made",
    (kind) => {
      const found = outfits.flatMap((pieces) =>
        pieces.flatMap((piece) => {
          const ways: readonly Adjustment[] = optionsAmong(kind, piece, pieces);
          return ways.length > 0 ? [{ pieces, ways }] : [];
        }),
      )[0];
      if (!found) throw new Error(`no outfit is made for ${kind}`);
      const drawn = found.ways.slice(0, 8).map((way) => markup(found.pieces, [way]));
      for (const each of drawn) expect(each).not.toMatch(/NaN|undefined|Infinity/);
      const seen = new Set([markup(found.pieces, []), ...drawn]);
      // A top is either out or tucked in as made; a bag is carried in one of its ways, and two can come to one length.
      const asMade = kind === "strap" ? 2 : kind === "tuck-in" || kind === "wear-out" ? 1 : 0;
      if (unseen.has(kind)) expect(seen.size).toBe(1);
      else expect(seen.size).toBeGreaterThanOrEqual(drawn.length + 1 - asMade);
      for (const way of found.ways.slice(0, 8))
        expect(markup(found.pieces, [way], true)).not.toMatch(/NaN|undefined|Infinity/);
    },
  );

  it("legs are tapered, bowed, full or flared at the same figures", () => {
    const legs = ["straight", "tapered", "barrel", "balloon", "flared"] as const;
    const drawn = legs.map((leg) => markup([sample("trousers", { name: "legs", figures: { leg } })], []));
    expect(new Set(drawn).size).toBe(legs.length);
  });

  it.each([
    ["trousers", "hem"],
    ["jacket", "form"],
    ["jacket", "breasted"],
    ["coat", "form"],
    ["coat", "breasted"],
    ["shoe", "form"],
    ["top", "neckline"],
    ["ear cuff", "form"],
  ] as const)("every %s by its %s is drawn otherwise", (kind, figure) => {
    const field = (kinds[kind].figures as Record<string, { readonly options?: readonly string[] }>)[figure];
    // A flat is a pump without a heel, from the front.
    const options = (field?.options ?? []).filter((option) => option !== "flat");
    const drawn = options.map((option) => {
      const sleeve = option === "waistcoat" || option === "cape" ? { sleeve: "none" } : {};
      const shaft = option === "boot" ? { shaft: 20, shaftTop: 32 } : {};
      const figures = {
        [figure]: option,
        ...sleeve,
        ...shaft,
        ...(figure === "breasted" ? { closed: true } : {}),
      };
      const piece = sample(kind, { name: kind, figures }) as Piece;
      return markup([piece], []);
    });
    for (const each of drawn) expect(each).not.toMatch(/NaN|undefined|Infinity/);
    expect(new Set(drawn).size).toBe(drawn.length);
  });
});
