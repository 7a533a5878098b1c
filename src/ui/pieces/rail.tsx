"use client";

import Link from "next/link";
import { useMemo, useState } from "react";
import { familyOf } from "@/core/colour/family";
import { shadeOf } from "@/core/colour/shade";
import { levelWord } from "@/core/register/ladder";
import { slotOf } from "@/core/piece/piece";
import { kinds } from "@/core/piece/kinds";
import { slotLabels, slots } from "@/core/piece/slots";
import type { PieceRecord } from "@/core/studio/piece-record";
import { Plate } from "../drawing/plate";
import { ButtonLink } from "../kit/button";
import { useLengthUnit } from "../kit/length-unit";
import { Empty, Page } from "../kit/page";
import { SwatchStrip } from "../kit/swatches";
import { captionOf } from "./caption";

interface RailProps {
  readonly pieces: readonly PieceRecord[];
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  /** Whose pieces to show at first; null for everybody's. */
  readonly owner: string | null;
}

const kit = "kit";

/** Every piece of the studio, filtered by owner, kind and words. */
export function Rail({ pieces, clients, owner: first }: RailProps) {
  const unit = useLengthUnit();
  const [owner, setOwner] = useState(clients.some(({ id }) => id === first) ? first : null);
  const [shelf, setShelf] = useState("all");
  const [words, setWords] = useState("");
  const nameOf = (id: string | null) => clients.find((client) => client.id === id)?.name ?? "Studio kit";
  const shown = useMemo(
    () =>
      pieces.filter(
        (record) => isOwned(record, owner) && isOnShelf(record, shelf) && speaksOf(record, words),
      ),
    [pieces, owner, shelf, words],
  );
  const add = (
    <ButtonLink look="strong" href={owner && owner !== kit ? `/rail/new?client=${owner}` : "/rail/new"}>
      Add a piece
    </ButtonLink>
  );
  if (pieces.length === 0)
    return (
      <Page title="Rail">
        <Empty say="The rail is empty. Record a pair of shoes first: they decide the most about a look.">
          {add}
        </Empty>
      </Page>
    );
  return (
    <Page title="Rail" about="Every garment and accessory, with the figures the rules read." actions={add}>
      <div className="mb-3 flex flex-wrap items-center gap-2">
        <Filter
          label="Owner"
          value={owner ?? ""}
          onChange={(value) => setOwner(value || null)}
          options={[
            ["", "everybody"],
            ...clients.map(({ id, name }) => [id, name] as const),
            [kit, "studio kit"],
          ]}
        />
        <Filter
          label="Kind"
          value={shelf}
          onChange={setShelf}
          options={[
            ["all", "all kinds"],
            ["garments", "garments"],
            ["accessories", "accessories"],
            ...slots.map((slot) => [slot, slotLabels[slot].toLowerCase()] as const),
          ]}
        />
        <label className="flex h-9 items-center gap-2 border border-rule-strong bg-white px-2.5">
          <span className="text-ink-soft">Find</span>
          <input
            type="search"
            value={words}
            onChange={(event) => setWords(event.target.value)}
            placeholder="navy, suede, loafer"
            className="w-52 outline-none"
          />
        </label>
        <p className="tabular ml-auto text-ink-soft" aria-live="polite">
          {shown.length} of {pieces.length}
        </p>
      </div>
      <table className="w-full border border-rule-strong bg-paper">
        <thead className="text-left text-tiny text-ink-soft">
          <tr className="border-b border-rule-strong">
            <th className="w-24 py-1.5 pl-4 font-medium">Plate</th>
            <th className="font-medium">Piece</th>
            <th className="font-medium">Colours</th>
            <th className="font-medium">Finish</th>
            <th className="font-medium">Level</th>
            <th className="font-medium">Owner</th>
            <th className="pr-4 font-medium">State</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ piece, clientId, state }) => (
            <tr key={piece.id} className="relative border-b border-rule last:border-b-0 hover:bg-white">
              <td className="py-1 pl-4">
                <Plate piece={piece} className="h-12 w-18" />
              </td>
              <td className="pr-4">
                <Link
                  href={`/rail/${piece.id}`}
                  className="text-body font-medium after:absolute after:inset-0"
                >
                  {piece.name}
                </Link>
                <span className="tabular block text-tiny text-ink-soft">{captionOf(piece, unit)}</span>
              </td>
              <td className="pr-4">
                <SwatchStrip swatches={piece.swatches} className="h-4 w-20" />
                <span className="text-tiny text-ink-soft">{familiesOf(piece.swatches).join(", ")}</span>
              </td>
              <td className="pr-4">{piece.finish}</td>
              <td className="tabular pr-4">
                {piece.register.centre}{" "}
                <span className="text-ink-soft">{levelWord(piece.register.centre)}</span>
              </td>
              <td className="pr-4">{nameOf(clientId)}</td>
              <td className="pr-4">{state}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {shown.length === 0 && (
        <p className="border border-t-0 border-rule-strong bg-paper p-6 text-ink-soft">
          Nothing on the rail answers to that.
        </p>
      )}
    </Page>
  );
}

interface FilterProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [string, string])[];
  readonly onChange: (value: string) => void;
}

function Filter({ label, value, options, onChange }: FilterProps) {
  return (
    <label className="flex h-9 items-center gap-2 border border-rule-strong bg-white px-2.5">
      <span className="text-ink-soft">{label}</span>
      <select
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className="bg-transparent font-medium outline-none"
      >
        {options.map(([key, text]) => (
          <option key={key} value={key}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}

function isOwned({ clientId }: PieceRecord, owner: string | null): boolean {
  if (owner === null) return true;
  return owner === kit ? clientId === null : clientId === owner;
}

function isOnShelf({ piece }: PieceRecord, shelf: string): boolean {
  const { place } = kinds[piece.kind];
  if (shelf === "all") return true;
  if (shelf === "garments") return place !== null;
  return shelf === "accessories" ? place === null : slotOf(piece) === shelf;
}

function speaksOf({ piece }: PieceRecord, words: string): boolean {
  const text =
    `${piece.name} ${piece.kind} ${piece.finish} ${piece.metal} ${familiesOf(piece.swatches).join(" ")}`.toLowerCase();
  return words
    .toLowerCase()
    .split(/[\s,]+/)
    .every((word) => text.includes(word));
}

function familiesOf(swatches: PieceRecord["piece"]["swatches"]): string[] {
  return [
    ...new Set(swatches.filter(({ role }) => role !== "reverse").map(({ hex }) => familyOf(shadeOf(hex)))),
  ];
}
