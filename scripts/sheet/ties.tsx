import { readFileSync, readdirSync } from "node:fs";
import { bodyOf } from "@/core/body/body";
import { parseBundle } from "@/core/formats/bundle";
import { isKind } from "@/core/piece/piece";
import { canBeTied, clothOf, type Scarf, type TieSettings } from "@/core/piece/tied-scarf";
import { girthsOf } from "@/core/scarf/girths";
import { sidesOf, tieOf } from "@/core/scarf/tied";
import { tieNames, tieSpec, type TieName } from "@/core/scarf/ties";
import { usualWay } from "@/core/scarf/usual-way";
import { sample, sampleClient } from "@/core/testing/sample";
import { TiedOnClient } from "@/ui/scarves/parts/tied-on-client";
import { Shown } from "./shown";

const scarves = readdirSync("demo")
  .filter((name) => name.endsWith(".bundle.json"))
  .flatMap((name) => parseBundle(readFileSync(`demo/${name}`, "utf8")).pieces)
  .filter((piece): piece is Scarf => isKind(piece, "scarf") && canBeTied(piece));
const worn = [
  sample("trousers", { name: "legs", hex: "#33425f", cloth: "wool" }),
  sample("top", {
    name: "shirt",
    hex: "#e4e7ea",
    cloth: "cotton",
    figures: { neckline: "shirt collar", tucked: true },
  }),
];
const bag = sample("bag", { hex: "#6b3a24", figures: { carry: "hand", strap: 22, width: 30, height: 22 } });
const hat = sample("hat", { hex: "#6b5d4a", figures: { form: "felt", brim: 7 } });
const tiedTo = [bag, hat];
const client = { ...sampleClient, colouring: { ...sampleClient.colouring, hairForm: "long waves" as const } };
const girths = girthsOf(bodyOf(client.measured));

/** Every way of tying, each with the first of the demo's scarves that it can be done with. */
export function tiesPage() {
  return tieNames.flatMap((tie) => {
    const done = firstFor(tie);
    if (!done) return [];
    return (
      <Shown key={tie} name={`${tieSpec(tie).place}: ${tieSpec(tie).name}`} width={232}>
        <TiedOnClient
          scarf={done.scarf}
          settings={done.settings}
          client={client}
          garments={worn}
          tiedTo={tiedTo}
          fill
          className="tied"
        />
      </Shown>
    );
  });
}

function firstFor(tie: TieName): { scarf: Scarf; settings: TieSettings } | null {
  for (const scarf of scarves) {
    const settings = usualWay(tie, sidesOf(scarf.figures));
    if (settings && tieOf(clothOf(scarf), settings, girths).possible) return { scarf, settings };
  }
  return null;
}
