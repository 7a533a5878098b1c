"use client";

import { wornSlot } from "@/core/piece/adjustment";
import { format, parseISO } from "date-fns";
import { createPortal } from "react-dom";
import type { Piece } from "@/core/piece/piece";
import { slots } from "@/core/piece/slots";
import { capital } from "@/core/words/called";
import { benchWords } from "@/words/bench";
import { dress } from "@/core/dressing/dress";
import { describeLook } from "../../drawing/describe";
import { Figure } from "../../drawing/figure/figure";
import { Plate } from "../../drawing/plate";
import { useLengthUnit } from "../../kit/length-unit";
import { Mark } from "../../kit/marks";
import { usePrinting } from "../../kit/use-printing";
import { sayWithout } from "./layers-row";
import { sayWay } from "../words/change-words";
import { wordsOf } from "../state/desk/own-looks";
import { useBenchState, useDesk } from "../state/desk/use-desk";

/** The look as a card to hand over, half a sheet: what is printed of the bench. */
export function LookCard() {
  return usePrinting() ? createPortal(<Card />, document.body) : null;
}

function Card() {
  const { source, look, dressed, layers } = useDesk();
  const unit = useLengthUnit();
  const benchLook = useBenchState((state) => state.look);
  const others = useBenchState((state) => state.others);
  const words = useBenchState((state) => state.words);
  const { name, note } = wordsOf({ look: benchLook, others, words }, source, benchLook.id);
  const worn = slots.flatMap((slot) =>
    look.accessories.filter((piece) => wornSlot(piece, look.adjustments) === slot),
  );
  return (
    <article aria-label={benchWords.lookCard} className="look-card hidden bg-white text-ink print:block">
      <CardHead called={words.get(benchLook.id)?.name ? name : null} />
      <div className="grid grid-cols-[44%_minmax(0,1fr)] gap-4">
        <Figure
          dressed={dressed}
          unit={unit}
          label={describeLook(dressed, unit)}
          plain
          className="h-[150mm] w-full"
        />
        <div>
          <h2 className="text-small font-semibold">{benchWords.theClothes}</h2>
          <ul className="mb-2">
            {look.garments.map((piece) => (
              <CardPiece key={piece.id} piece={piece} />
            ))}
          </ul>
          <h2 className="text-small font-semibold">{benchWords.withThem}</h2>
          <ul>
            {worn.map((piece) => (
              <CardPiece key={piece.id} piece={piece} />
            ))}
          </ul>
        </div>
      </div>
      {layers.length > 1 && <WithoutLayers />}
      {note && <p className="mt-3 border-t border-rule pt-2 font-serif">{note}</p>}
    </article>
  );
}

/** Whose look it is, for what and when, and what it is called where somebody named it. */
function CardHead({ called }: { readonly called: string | null }) {
  const { source, look } = useDesk();
  const baseId = useBenchState((state) => state.look.baseId);
  const { occasion, client } = look;
  const base = source.bases.find(({ id }) => id === baseId)?.name ?? "";
  return (
    <header className="mb-3 border-b border-ink pb-2">
      <p className="text-small">{client.name}</p>
      <h1 className="text-title leading-tight">{occasion ? occasion.name : base}</h1>
      <p className="tabular text-small">
        {[occasion && format(parseISO(occasion.day), "EEEE d MMMM yyyy"), occasion?.place, called]
          .filter(Boolean)
          .join(", ")}
      </p>
    </header>
  );
}

/** The look without its coat, and without what is under it. */
function WithoutLayers() {
  const { layers } = useDesk();
  const unit = useLengthUnit();
  return (
    <div className="mt-3 flex gap-4 border-t border-rule pt-2">
      {layers.slice(1).map(({ off, look: without, standing }) => (
        <figure key={off.length} className="break-inside-avoid">
          <Figure
            dressed={dress(without)}
            unit={unit}
            label={sayWithout(off)}
            plain
            className="h-[60mm] w-[30mm]"
          />
          <figcaption className="flex max-w-[40mm] items-center gap-1 text-tiny">
            <Mark of={standing.verdict} className="size-3 shrink-0" />
            {capital(sayWithout(off))}
          </figcaption>
        </figure>
      ))}
    </div>
  );
}

/** A piece of the card: drawn, named, and how it is worn. */
function CardPiece({ piece }: { readonly piece: Piece }) {
  const { look } = useDesk();
  const unit = useLengthUnit();
  const ways = look.adjustments
    .filter((adjustment) => adjustment.piece === piece.id)
    .map((adjustment) => sayWay(adjustment, "done", unit, ""));
  return (
    <li className="grid grid-cols-[12mm_minmax(0,1fr)] items-center gap-2 border-b border-rule py-0.5 break-inside-avoid">
      <Plate piece={piece} className="h-[10mm] w-full" />
      <span className="text-tiny leading-tight">
        {piece.name}
        {ways.length > 0 && <span className="block">{capital(ways.join(", "))}</span>}
      </span>
    </li>
  );
}
