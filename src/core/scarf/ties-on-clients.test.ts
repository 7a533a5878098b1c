import { readFileSync, readdirSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { bodyOf } from "../body/body";
import { parseBundle } from "../formats/bundle";
import { girthsOf } from "./girths";
import { knots } from "./reach";
import { tieOf, type Cloth, type TieAsked } from "./tied";
import { tieSpec } from "./ties";

const square: Cloth = { sideA: 90, sideB: 90, thickness: 0.14, stiffness: 0.4, loop: false };
const inFront: TieAsked = {
  tie: "knot in front",
  fold: tieSpec("knot in front").folds[0],
  corner: "lower left",
  face: "reverse",
  turned: false,
  band: 6,
};

describe("ties on every client of the demo", () => {
  const clients = readdirSync("demo")
    .filter((name) => name.endsWith(".bundle.json"))
    .map((name) => parseBundle(readFileSync(`demo/${name}`, "utf8")).client);

  it.each(clients.map((client) => [client.name, client] as const))(
    "%s: a square of 90 is knotted in front, and a neck too wide by the missing length is refused",
    (_, { measured }) => {
      const own = girthsOf(bodyOf(measured));
      const answer = tieOf(square, inFront, own);
      if (!answer.possible) throw new Error("a square of 90 reaches round every neck");
      // With shorter tails the knot of a bias band is thinner too: it gives back at most what it takes.
      const spare = 2 * (answer.tied.tail - knots.half.leastTail) + knots.half.turns * answer.tied.knot.from;
      const wider = { ...own, neck: { ...own.neck, cm: own.neck.cm + spare } };
      expect(tieOf(square, inFront, wider).possible).toBe(false);
    },
  );
});
