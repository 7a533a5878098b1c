import { readFileSync, readdirSync } from "node:fs";
import { parseBundle, type Bundle } from "@/core/formats/bundle";
import { bodyOf } from "@/core/body/body";
import type { Measured } from "@/core/body/measurements";
import { hairForms, type Client } from "@/core/piece/client";
import type { Piece } from "@/core/piece/piece";
import { numbersFrom } from "@/core/testing/generated";
import { sample, sampleClient, sampleLook } from "@/core/testing/sample";
import { OnBody } from "./shown";

const bundles = readdirSync("demo")
  .filter((name) => name.endsWith(".bundle.json"))
  .map((name) => parseBundle(readFileSync(`demo/${name}`, "utf8")));

/** The looks a bundle gives: each base with a set of its client's on it. */
function looksOf({ client, pieces, bases, sets }: Bundle) {
  const named = (ids: readonly string[]) =>
    ids.flatMap((id) => pieces.find((piece) => piece.id === id) ?? []);
  return bases.map((base, i) => ({
    name: base.name,
    look: sampleLook({
      client: { ...client, id: client.name },
      garments: named(base.pieceIds),
      accessories: named(sets[i % Math.max(1, sets.length)]?.pieceIds ?? []),
    }),
  }));
}

export function looksPage() {
  return bundles.map((bundle) => (
    <>
      <h2>{bundle.client.name}</h2>
      {looksOf(bundle).map(({ name, look }) => (
        <OnBody key={name} look={look} name={name} tall={400} />
      ))}
    </>
  ));
}

export function seatedPage() {
  return bundles.map((bundle) => {
    const [first, second] = looksOf(bundle);
    return [first, second].map(
      (one) =>
        one && (
          <OnBody
            key={one.name}
            look={{ ...one.look, client: { ...one.look.client, seated: true } }}
            name={`${bundle.client.name}: ${one.name}`}
          />
        ),
    );
  });
}

/** Height in cm and weight in kg of twelve bodies, the smallest and the greatest among them. */
const sizes = [
  [130, 40],
  [205, 160],
  [150, 48],
  [152, 95],
  [160, 52],
  [163, 74],
  [168, 110],
  [172, 60],
  [176, 84],
  [183, 70],
  [190, 120],
  [198, 88],
] as const;

const skins = ["#f0d2bb", "#d9b08c", "#b98560", "#8a5a3c", "#5a3a28"];
const hairs = ["#2a211c", "#5a4634", "#b08a55", "#7a3f22", "#9a9a9a"];

/** Girths of a body by its height and weight: like figures, so girths go with the root of weight over height. */
function measuredOf(height: number, weight: number): Measured {
  const broad = Math.sqrt(weight / height / (62 / 168));
  const of = (share: number, power: number) => Math.round(168 * share * broad ** power * 10) / 10;
  return {
    height,
    neck: of(0.205, 0.6),
    shoulderWidth: Math.round(0.234 * height * broad ** 0.25 * 10) / 10,
    bust: of(0.545, 1),
    waist: of(0.445, 1.25),
    hip: of(0.57, 0.9),
    thigh: of(0.315, 0.9),
    knee: of(0.222, 0.7),
    calf: of(0.216, 0.7),
    ankle: of(0.13, 0.5),
    upperArm: of(0.17, 0.9),
    wrist: of(0.095, 0.4),
  };
}

export function bodiesPage() {
  const next = numbersFrom(5);
  const pick = <T,>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
  return sizes.map(([height, weight], i) => {
    const client: Client = {
      ...sampleClient,
      // The tenth is pregnant: waist and bust are wider than her height and weight would have them.
      measured:
        i === 9 ? { ...measuredOf(height, weight), waist: 104, bust: 102 } : measuredOf(height, weight),
      colouring: {
        ...sampleClient.colouring,
        skin: pick(skins),
        hair: pick(hairs),
        hairForm: pick(hairForms),
      },
    };
    const { crotch, waistLine, neckPoint } = bodyOf(client.measured).measures;
    const { bust = 90 } = client.measured;
    const top: Piece = sample("top", {
      hex: pick(["#dde8f2", "#c8573b", "#e9e2d0", "#3f5a4a"]),
      cloth: "cotton",
      figures: {
        neckline: pick(["shirt collar", "crew", "v"] as const),
        tucked: i % 2 === 0,
        bodyGirth: bust + 10,
        length: neckPoint.cm - waistLine.cm + 22,
      },
    });
    const legs: Piece =
      i % 3 === 1
        ? skirtOf(pick(["a-line", "pleated", "pencil"] as const), waistLine.cm * 0.6)
        : sample("trousers", {
            hex: pick(["#1f2a47", "#6b5d4a", "#3a3a3a"]),
            cloth: "wool",
            poles: ["tailored"],
            figures: {
              inseam: crotch.cm - 4,
              leg: pick(["straight", "wide"] as const),
              opening: 40,
              above: 41,
            },
          });
    return (
      <OnBody
        key={`${height} ${weight}`}
        name={`${height} cm, ${weight} kg${i === 9 ? ", pregnant" : ""}`}
        look={sampleLook({
          client,
          garments: [legs, top],
          accessories: [sample("shoe", { hex: "#6b3a24", figures: { form: "loafer" } })],
        })}
      />
    );
  });
}

function skirtOf(cut: "a-line" | "pleated" | "pencil", length: number): Piece {
  return sample("skirt", { hex: "#4b4f63", figures: { cut, length, hemWidth: 170 } });
}

export function hairPage() {
  const tee = sample("top", { name: "tee", hex: "#8fa3a8", figures: { neckline: "v", tucked: true } });
  const legs = sample("trousers", { name: "legs", hex: "#33425f" });
  return [null, ...hairForms].map((hairForm, i) => (
    <OnBody
      key={hairForm ?? "not said"}
      name={hairForm ?? "not said"}
      tall={520}
      look={sampleLook({
        client: {
          ...sampleClient,
          colouring: {
            ...sampleClient.colouring,
            skin: skins[i % skins.length] ?? "#d9b08c",
            hair: hairs[(i * 2) % hairs.length] ?? "#5a4634",
            hairForm,
          },
        },
        garments: [legs, tee],
      })}
    />
  ));
}
