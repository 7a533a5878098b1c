import type { ReactNode } from "react";
import { dress } from "@/core/dressing/dress";
import type { Look } from "@/core/piece/look";
import type { Piece } from "@/core/piece/piece";
import { Figure } from "@/ui/drawing/figure/figure";
import { Plate } from "@/ui/drawing/plate";

/** One drawing with a line under it. */
export function Shown({
  name,
  width,
  children,
}: {
  readonly name: string;
  readonly width: number;
  readonly children: ReactNode;
}) {
  return (
    <figure style={{ width }}>
      {children}
      {name}
    </figure>
  );
}

/** A look on its body, `tall` pixels high. */
export function OnBody({
  look,
  name,
  tall = 480,
}: {
  readonly look: Look;
  readonly name: string;
  readonly tall?: number;
}) {
  return (
    <Shown name={name} width={tall * 0.46}>
      <Figure
        dressed={dress(look)}
        unit="cm"
        label={name}
        plain
        style={{ height: tall, width: tall * 0.46 }}
      />
    </Shown>
  );
}

/** A piece on its plate. */
export function OnPlate({ piece, name }: { readonly piece: Piece; readonly name: string }) {
  return (
    <Shown name={name} width={112}>
      <div style={{ width: 104, height: 104, margin: "0 auto" }}>
        <Plate piece={piece} className="plate" />
      </div>
    </Shown>
  );
}
