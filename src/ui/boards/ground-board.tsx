"use client";

import { useState } from "react";
import { sayLength } from "@/core/length/length";
import { grounds, type Ground, type Occasion } from "@/core/piece/occasion";
import type { PieceOf } from "@/core/piece/piece";
import { footingOf, type Footing } from "@/core/place/heel-ground";
import { groundWords } from "@/words/ground";
import { sayWith } from "@/words/say";
import { HeelOnGround } from "../drawing/ground/heel-on-ground";
import { InSight } from "../drawing/in-sight";
import { Plate } from "../drawing/plate";
import { useLengthUnit } from "../kit/length-unit";
import { Link } from "../kit/link";
import { Mark } from "../kit/marks";
import { Segments } from "../kit/segments";

interface GroundBoardProps {
  readonly shoes: readonly PieceOf<"shoe">[];
  readonly occasions: readonly Pick<Occasion, "id" | "name" | "day" | "ground">[];
  /** Lift up to which a heel is as good as none, by the client's rule book, cm. */
  readonly low: number;
}

/** The grounds of the client's occasions, with their names, the nearest occasion first. */
function groundsOf(occasions: GroundBoardProps["occasions"]): ReadonlyMap<Ground, readonly string[]> {
  const found = new Map<Ground, string[]>();
  for (const { ground, name } of occasions) {
    const names = found.get(ground) ?? [];
    if (!names.includes(name)) found.set(ground, [...names, name]);
  }
  return found;
}

/** The client's shoes on the grounds of her occasions, each heel drawn on each ground. */
export function GroundBoard({ shoes, occasions, low }: GroundBoardProps) {
  const hers = groundsOf(occasions);
  const [every, setEvery] = useState(hers.size === 0);
  const shown = grounds.filter((ground) => every || hers.has(ground));
  if (shoes.length === 0) return <p className="text-ink-soft">{groundWords.noShoes}</p>;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3">
      {hers.size > 0 ? (
        <Segments
          label={groundWords.heelAndGround}
          size="normal"
          value={every ? "every" : "hers"}
          segments={[
            { value: "hers", shown: groundWords.onlyHerOccasions },
            { value: "every", shown: groundWords.everyGround },
          ]}
          onChange={(value) => setEvery(value === "every")}
        />
      ) : (
        <p className="text-ink-soft">{groundWords.noOccasions}</p>
      )}
      <div
        className="overflow-x-auto border border-rule-strong bg-paper"
        role="region"
        tabIndex={0}
        aria-label={groundWords.heelAndGround}
      >
        <table className="border-collapse">
          <thead>
            <tr className="border-b border-rule-strong align-bottom">
              <th scope="col" className="sticky left-0 bg-paper px-4 py-2 text-left font-medium">
                {groundWords.shoe}
              </th>
              {shown.map((ground) => (
                <th key={ground} scope="col" className="w-28 min-w-28 px-2 py-2 text-left font-medium">
                  {ground}
                  <span className="block text-tiny font-normal text-ink-soft">
                    {sayNames(hers.get(ground) ?? [])}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shoes.map((shoe) => (
              <ShoeRow key={shoe.id} shoe={shoe} shown={shown} low={low} />
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}

interface ShoeRowProps {
  readonly shoe: PieceOf<"shoe">;
  readonly shown: readonly Ground[];
  readonly low: number;
}

/** A shoe, and its heel on each ground. */
function ShoeRow({ shoe, shown, low }: ShoeRowProps) {
  const unit = useLengthUnit();
  return (
    <tr className="border-b border-rule last:border-b-0">
      <th scope="row" className="sticky left-0 bg-paper px-4 py-1.5 text-left font-normal">
        <span className="flex w-64 items-center gap-3">
          <InSight className="h-10 w-14 shrink-0">
            {() => <Plate piece={shoe} className="size-full" />}
          </InSight>
          <span className="min-w-0">
            <Link
              href={`/rail/${shoe.id}`}
              className="block leading-tight underline decoration-rule-strong underline-offset-2 touch:flex touch:min-h-11 touch:items-center"
            >
              {shoe.name}
            </Link>
            <span className="tabular text-tiny text-ink-soft">
              {sayWith(groundWords.heelOf, {
                tip: shoe.figures.tip,
                lift: sayLength(shoe.figures.lift, unit),
              })}
            </span>
          </span>
        </span>
      </th>
      {shown.map((ground) => (
        <Cell key={ground} shoe={shoe} ground={ground} footing={footingOf(shoe, ground, low)} low={low} />
      ))}
    </tr>
  );
}

/** How many occasions stand over a ground by name. */
const namedAtOnce = 2;

function sayNames(names: readonly string[]): string {
  const more = names.length - namedAtOnce;
  const said = names.slice(0, namedAtOnce).join(", ");
  return more > 0 ? sayWith(groundWords.andMore, { names: said, count: more }) : said;
}

const footingWords: Readonly<Record<Footing, string>> = {
  fine: groundWords.holds,
  mind: groundWords.mind,
  sinks: groundWords.sinks,
  catches: groundWords.catches,
  slips: groundWords.slips,
  smooth: groundWords.smooth,
  snow: groundWords.snow,
};

interface CellProps {
  readonly shoe: PieceOf<"shoe">;
  readonly ground: Ground;
  readonly footing: Footing;
  readonly low: number;
}

function Cell({ shoe, ground, footing, low }: CellProps) {
  const { lift, tip } = shoe.figures;
  const fails = footing !== "fine" && footing !== "mind";
  return (
    <td className={`px-2 py-1.5 align-bottom ${fails ? "bg-well" : ""}`}>
      <HeelOnGround
        tip={lift <= low ? "flat" : tip}
        ground={ground}
        footing={footing}
        colour={shoe.swatches[0]?.hex ?? "#777"}
      />
      <span className={`flex items-center gap-1 text-tiny ${fails ? "font-medium" : "text-ink-soft"}`}>
        {footing !== "fine" && <Mark of={fails ? "jars" : "rubs"} className="size-3.5" />}
        {footingWords[footing]}
      </span>
    </td>
  );
}
