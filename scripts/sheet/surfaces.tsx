import { cloths } from "@/core/finish/cloths";
import { finishNames } from "@/core/finish/finishes";
import { patterns } from "@/core/piece/piece-common";
import type { Piece } from "@/core/piece/piece";
import { sample } from "@/core/testing/sample";
import { OnPlate } from "./shown";

const two = (hex: string, other: string): Piece["swatches"] => [
  { hex, share: 0.7, role: "ground" },
  { hex: other, share: 0.3, role: "motif" },
];

/** Every finish on a bag, a shoe and a top; every cloth and print on a top and a skirt. */
export function surfacesPage() {
  return (
    <>
      {finishNames.map((finish) => (
        <>
          <OnPlate
            key={`${finish} bag`}
            name={finish}
            piece={sample("bag", { id: `b-${finish.replaceAll(" ", "-")}`, hex: "#8a4f35", finish })}
          />
          <OnPlate
            key={`${finish} shoe`}
            name={finish}
            piece={sample("shoe", {
              id: `s-${finish.replaceAll(" ", "-")}`,
              hex: "#3a3f52",
              finish,
              figures: { form: "loafer" },
            })}
          />
          <OnPlate
            key={`${finish} top`}
            name={finish}
            piece={sample("top", { id: `t-${finish.replaceAll(" ", "-")}`, hex: "#b8b09c", finish })}
          />
        </>
      ))}
      <h2>Cloths</h2>
      {cloths.map((cloth) => (
        <OnPlate
          key={cloth}
          name={cloth}
          piece={sample("skirt", {
            id: `c-${cloth.replaceAll(" ", "-")}`,
            hex: "#5a6a7a",
            cloth,
            figures: { cut: "a-line", hemWidth: 180 },
          })}
        />
      ))}
      <h2>Prints</h2>
      {patterns.map((pattern) => (
        <OnPlate
          key={pattern}
          name={pattern}
          piece={sample("dress", {
            id: `p-${pattern.replaceAll(" ", "-")}`,
            swatches: two("#e9e2d0", "#3a4f72"),
            pattern,
            patternScale: 5,
          })}
        />
      ))}
    </>
  );
}
