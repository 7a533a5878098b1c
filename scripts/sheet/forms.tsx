import type { Fields } from "@/core/piece/field";
import { initialFigures } from "@/core/piece/initial-figures";
import { kindNames, kinds } from "@/core/piece/kinds";
import { placeOf, type Piece } from "@/core/piece/piece";
import { sample, sampleClient, sampleLook } from "@/core/testing/sample";
import { OnBody, OnPlate } from "./shown";

const colours: Partial<Record<Piece["kind"], string>> = {
  trousers: "#33425f",
  skirt: "#7a4a3c",
  dress: "#3f5a4a",
  jumpsuit: "#6b5d4a",
  top: "#dde8f2",
  jacket: "#4b4f63",
  coat: "#b08a55",
  hat: "#6b5d4a",
  scarf: "#b0503a",
  belt: "#6b3a24",
  bag: "#7b4a2d",
  umbrella: "#1f2a47",
  hosiery: "#4a4a55",
  shoe: "#6b3a24",
  gloves: "#4a3226",
  necklace: "#c9a24b",
  earrings: "#c9a24b",
  bracelet: "#c9a24b",
  ring: "#c9a24b",
  watch: "#6b3a24",
  brooch: "#c9a24b",
};

/** Choices that nobody sees. */
const unseen = new Set(["nickel", "structure", "carry", "secondMade"]);

/** What a form has beside its name. */
const made: Readonly<Record<string, object>> = {
  boot: { shaft: 18, shaftTop: 32 },
  narrow: { opening: 31, above: 32 },
  wide: { opening: 56, above: 56 },
  flared: { opening: 52, above: 46 },
  culotte: { inseam: 34, opening: 62, above: 60 },
  shorts: { inseam: 14, opening: 62, above: 60 },
  "a-line": { hemWidth: 190 },
  pleated: { hemWidth: 230 },
  gathered: { hemWidth: 240 },
  block: { lift: 6 },
  slim: { lift: 7 },
  stiletto: { lift: 9 },
  wedge: { lift: 6, platform: 2 },
  felt: { brim: 6 },
  straw: { brim: 9 },
};

/** A kind in each of its forms. */
function formsOf(kind: Piece["kind"]): readonly { readonly name: string; readonly piece: Piece }[] {
  const fields = Object.entries(kinds[kind].figures as Fields);
  const choices = fields.flatMap(([name, field]) =>
    field.type === "choice" && !unseen.has(name) ? field.options.map((option) => ({ name, option })) : [],
  );
  const of = (given: object) => {
    const piece = sample(kind, {
      id: Object.values({ kind, ...given })
        .join("-")
        .replaceAll(" ", "-"),
      name: kind,
      hex: colours[kind] ?? "#808080",
    });
    const beside = Object.values(given).reduce<object>(
      (all, option) => ({ ...all, ...made[String(option)] }),
      {},
    );
    return { ...piece, figures: { ...initialFigures(kind), ...given, ...beside } } as Piece;
  };
  return choices.length === 0
    ? [{ name: kind, piece: of({}) }]
    : choices.map(({ name, option }) => ({ name: `${kind}: ${option}`, piece: of({ [name]: option }) }));
}

export function formsPage() {
  return kindNames.map((kind) => (
    <>
      <h2>{kinds[kind].label}</h2>
      {formsOf(kind).map(({ name, piece }) => (
        <OnPlate key={piece.id} piece={piece} name={name} />
      ))}
    </>
  ));
}

const tee = sample("top", { name: "under", hex: "#e9e2d0", figures: { tucked: true } });
const jeans = sample("trousers", {
  name: "below",
  hex: "#33425f",
  finish: "denim",
  cloth: "denim",
  figures: { inseam: 78 },
});

/** A garment or an accessory on a body, with what it needs beside it. */
function worn(piece: Piece) {
  const whole = piece.kind === "dress" || piece.kind === "jumpsuit";
  const rest = whole
    ? []
    : piece.kind === "top"
      ? [jeans]
      : piece.kind === "skirt" || piece.kind === "trousers"
        ? [tee]
        : [jeans, tee];
  const shoes = sample("shoe", { name: "on", hex: "#6b3a24", figures: { form: "loafer" } });
  const garment = placeOf(piece) !== null;
  return sampleLook({
    client: {
      ...sampleClient,
      measured: { ...sampleClient.measured, neck: 35, waist: 74, hip: 98, bust: 92 },
    },
    garments: garment ? [...rest, piece] : rest,
    accessories: [...(piece.kind === "shoe" ? [] : [shoes]), ...(garment ? [] : [piece])],
  });
}

export function garmentsPage() {
  return kindNames.map((kind) =>
    formsOf(kind)
      .filter(
        ({ piece }) =>
          placeOf(piece) !== null || ["shoe", "bag", "hat", "scarf", "hosiery"].includes(piece.kind),
      )
      .map(({ name, piece }) => <OnBody key={piece.id} look={worn(piece)} name={name} tall={330} />),
  );
}
