import { optionsAmong, type Adjustment } from "@/core/piece/adjustment";
import { adjustmentKinds } from "@/core/piece/adjustments";
import { placeOf, type Piece } from "@/core/piece/piece";
import { sample, sampleClient, sampleLook } from "@/core/testing/sample";
import { sayWay } from "@/ui/bench/words/change-words";
import { OnBody } from "./shown";

const client = {
  ...sampleClient,
  colouring: { ...sampleClient.colouring, hairForm: "bun" as const },
  measured: { ...sampleClient.measured, waist: 76, neck: 36, hip: 100 },
};
const shirt = sample("top", {
  name: "shirt",
  hex: "#e4e7ea",
  cloth: "cotton",
  figures: { neckline: "shirt collar", sleeve: "long" },
});
const tee = sample("top", { name: "tee", hex: "#e4e7ea", figures: { sleeve: "short" } });
const knit = sample("top", {
  name: "knit",
  hex: "#8a4b52",
  cloth: "fine knit",
  finish: "knit",
  figures: { sleeve: "long", bodyGirth: 108 },
});
const legs = sample("trousers", { name: "legs", hex: "#33425f", cloth: "wool", figures: { inseam: 76 } });
const joggers = sample("trousers", {
  name: "joggers",
  hex: "#5a5f66",
  figures: { leg: "balloon", hem: "stretch", inseam: 76, opening: 26, above: 44 },
});
const dress = sample("dress", {
  name: "dress",
  hex: "#3f5a4a",
  figures: { sleeve: "none", neckline: "v", ownBelt: true, cut: "a-line" },
});
const blouse = sample("top", {
  name: "blouse",
  hex: "#5f7f78",
  figures: { sleeve: "short", offShoulder: true, neckline: "scoop", tucked: true },
});
const blazer = sample("jacket", { name: "blazer", hex: "#4b4f63", figures: { collar: "notched" } });
const parka = sample("coat", { name: "parka", hex: "#6b7050", figures: { collar: "hood", closed: true } });
const shoe = sample("shoe", { name: "shoe", hex: "#3a2a24", figures: { form: "loafer" } });
const belt = sample("belt", { name: "belt", hex: "#6b3a24", figures: { width: 4 } });
const bag = sample("bag", {
  name: "bag",
  hex: "#7b4a2d",
  figures: { width: 24, height: 17, strap: 110, handle: 3, handleComesOff: true, adjuster: 70, sideLoops: 6 },
});
const studs = sample("earrings", {
  name: "studs",
  metal: "gold",
  metalSize: 2,
  hex: "#d9b25c",
  figures: { form: "hoop", drop: 1.6, width: 1.6 },
});
const pin = sample("brooch", {
  name: "pin",
  hex: "#d9b25c",
  metal: "gold",
  metalSize: 2,
  figures: { form: "star", width: 5 },
});
const watch = sample("watch", {
  name: "watch",
  hex: "#6b3a24",
  figures: { strapMade: "leather", otherStrap: "cloth" },
});
const hat = sample("hat", { name: "hat", hex: "#6b5d4a", figures: { form: "felt", brim: 6 } });

/** The outfits in which ways of wearing are shown: each way in the first that allows it. */
const outfits: readonly (readonly Piece[])[] = [
  [legs, shirt, shoe, belt, bag, studs, watch],
  [legs, shirt, knit, shoe],
  [dress, tee, shoe],
  [dress, knit, shoe],
  [legs, blouse, shoe],
  [joggers, tee, shoe],
  [legs, shirt, blazer, belt, shoe, pin, hat],
  [legs, knit, parka, shoe],
];

const forms: readonly (readonly [string, readonly Piece[]])[] = [
  ["tapered", [sample("trousers", { hex: "#33425f", figures: { leg: "tapered", opening: 30, above: 34 } })]],
  ["barrel", [sample("trousers", { hex: "#33425f", figures: { leg: "barrel", opening: 38, above: 46 } })]],
  ["raw hem", [sample("trousers", { hex: "#48617f", finish: "denim", figures: { hem: "raw", inseam: 68 } })]],
  [
    "off the shoulder, long",
    [legs, sample("top", { hex: "#b9828a", figures: { neckline: "off the shoulder", sleeve: "long" } })],
  ],
  [
    "waistcoat",
    [
      legs,
      shirt,
      sample("jacket", {
        hex: "#4b4f63",
        figures: { form: "waistcoat", sleeve: "none", collar: "round", length: 56, closed: true },
      }),
    ],
  ],
  [
    "cardigan",
    [
      legs,
      tee,
      sample("jacket", { hex: "#8a6b52", finish: "knit", figures: { form: "cardigan", collar: "round" } }),
    ],
  ],
  [
    "long cardigan",
    [
      legs,
      tee,
      sample("coat", {
        hex: "#8a6b52",
        finish: "knit",
        figures: { form: "long cardigan", collar: "shawl", length: 95 },
      }),
    ],
  ],
  [
    "cape",
    [
      legs,
      tee,
      sample("coat", {
        hex: "#5a3f4a",
        figures: { form: "cape", sleeve: "none", collar: "round", length: 85, closed: true },
      }),
    ],
  ],
  [
    "double-breasted coat",
    [
      legs,
      shirt,
      sample("coat", {
        hex: "#3a4a63",
        figures: { breasted: "double-breasted", closed: true, ownBelt: true },
      }),
    ],
  ],
  [
    "double-breasted jacket",
    [
      legs,
      shirt,
      sample("jacket", { hex: "#3a4a63", figures: { breasted: "double-breasted", closed: true } }),
    ],
  ],
  [
    "slingback",
    [
      dress,
      sample("shoe", {
        hex: "#b0503a",
        figures: { form: "slingback", lift: 6, tip: "slim", toe: "pointed" },
      }),
    ],
  ],
  [
    "laced boots",
    [
      dress,
      sample("shoe", { hex: "#3a2a24", figures: { form: "boot", shaft: 18, shaftTop: 28, laced: true } }),
    ],
  ],
  [
    "high trainers, cut-outs",
    [
      dress,
      sample("shoe", {
        hex: "#e4e7ea",
        figures: { form: "trainer", shaft: 12, shaftTop: 27, cutOuts: true },
      }),
    ],
  ],
  [
    "ear cuff",
    [
      legs,
      tee,
      studs,
      sample("ear cuff", { metal: "gold", metalSize: 1, figures: { form: "chain", drop: 2 } }),
    ],
  ],
];

const lookOf = (pieces: readonly Piece[], adjustments: readonly Adjustment[]) =>
  sampleLook({
    client,
    garments: pieces.filter((piece) => placeOf(piece) !== null),
    accessories: pieces.filter((piece) => placeOf(piece) === null),
    adjustments,
  });

/** Every way of wearing but ties, each once, and the forms that are rarer. */
export function waysPage() {
  const ways = adjustmentKinds
    .filter((kind) => kind !== "tie" && kind !== "turn")
    .flatMap((kind) => {
      const pieces = outfits.find((worn) => worn.some((piece) => optionsAmong(kind, piece, worn).length > 0));
      const piece = pieces?.find((each) => optionsAmong(kind, each, pieces).length > 0);
      if (!pieces || !piece) return [];
      const options: readonly Adjustment[] = optionsAmong(kind, piece, pieces);
      const shown = kind === "strap" ? options.filter((_, i) => i % 6 === 0) : options;
      return shown.map((way) => ({ pieces, way }));
    });
  return (
    <>
      {ways.map(({ pieces, way }) => (
        <OnBody
          key={JSON.stringify(way)}
          look={lookOf(pieces, [way])}
          name={`${way.piece}: ${sayWay(way, "done", "cm", "")}`}
          tall={420}
        />
      ))}
      {forms.map(([name, pieces]) => (
        <OnBody key={name} look={lookOf(pieces, [])} name={name} tall={420} />
      ))}
    </>
  );
}
