import { sayLength } from "@/core/length/length";
import { wornSlot } from "@/core/piece/adjustment";
import { carriedNames } from "@/core/piece/carried";
import { slots } from "@/core/piece/slots";
import type { Piece } from "@/core/piece/piece";
import { levelWord } from "@/core/register/ladder";
import { gapSpecOf } from "@/core/search/gap-spec";
import type { GapRecord } from "@/core/studio/gap-record";
import type { PaperHem, PaperSource } from "@/core/studio/paper-source";
import { capital, called, listed } from "@/core/words/called";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { captionOf } from "../../pieces/words/caption";
import { lookTitle } from "../words/look-title";
import type { Block, PieceRow } from "../state/paper";

/** Each piece of the looks once, to be ticked off: the clothes first, then station by station. */
export function packingBlocks({ looks, client }: PaperSource): Block[] {
  const title: Block = {
    is: "title",
    over: client.name,
    text: papersWords.packingList,
    under:
      looks.length > 0
        ? capital(listed([...new Set(looks.map((shown) => called(lookTitle(shown).name)))]))
        : "",
  };
  if (looks.length === 0) return [title, { is: "words", text: papersWords.nothingToPack, tone: "plain" }];
  const wornFor = new Map<string, { readonly piece: Piece; readonly looks: string[] }>();
  const add = (piece: Piece, name: string) => {
    const known = wornFor.get(piece.id) ?? { piece, looks: [] };
    if (!known.looks.includes(name)) known.looks.push(name);
    wornFor.set(piece.id, known);
  };
  for (const shown of looks) for (const piece of shown.look.garments) add(piece, lookTitle(shown).name);
  const garments = [...wornFor.values()];
  wornFor.clear();
  for (const slot of slots)
    for (const shown of looks)
      for (const piece of shown.look.accessories)
        if (wornSlot(piece, shown.look.adjustments) === slot) add(piece, lookTitle(shown).name);
  const accessories = [...wornFor.values()];
  const carried = new Set(looks.flatMap(({ look }) => look.occasion?.mustCarry ?? []));
  const row = ({ piece, looks: names }: (typeof garments)[number]): PieceRow => ({
    piece,
    name: piece.name,
    notes: looks.length > 1 ? [sayWith(papersWords.wornFor, { looks: listed(names.map(called)) })] : [],
  });
  return [
    title,
    {
      is: "words",
      text: sayWith(papersWords.piecesForLooks, {
        pieces: garments.length + accessories.length,
        looks: looks.length,
      }),
      tone: "soft",
    },
    { is: "heading", text: papersWords.theClothes },
    { is: "pieces", rows: garments.map(row), ticked: true },
    { is: "heading", text: papersWords.withThem },
    { is: "pieces", rows: accessories.map(row), ticked: true },
    ...(carried.size > 0
      ? ([
          { is: "heading", text: papersWords.otherThings },
          { is: "points", points: carriedNames.filter((thing) => carried.has(thing)).map(capital) },
        ] as const)
      : []),
  ];
}

/** What is missing, with what to show in a shop. */
export function shoppingBlocks({ gaps, client, unit }: PaperSource): Block[] {
  return [
    { is: "title", over: client.name, text: papersWords.shoppingList, under: "" },
    gaps.length === 0
      ? { is: "words", text: papersWords.nothingIsMissing, tone: "plain" }
      : { is: "pieces", rows: gaps.map(missing), ticked: true },
  ];

  function missing({ facts, opens, note, budget }: GapRecord): PieceRow {
    const { piece } = gapSpecOf(facts);
    return {
      piece,
      name: piece.name,
      colours: piece.swatches.slice(0, 1).map(({ hex }) => hex),
      notes: [
        [
          sayWith(papersWords.colourCalled, { colour: facts.colour }),
          sayWith(papersWords.finishCalled, { finish: facts.finish }),
          ...(facts.metal === "none" || facts.metal === "unknown"
            ? []
            : [sayWith(papersWords.metalCalled, { metal: facts.metal })]),
          ...(facts.level === null
            ? []
            : [sayWith(papersWords.levelCalled, { level: levelWord(facts.level) })]),
        ].join(" "),
        ...(facts.size === null ? [] : [capital(captionOf(piece, unit))]),
        ...(opens.length === 0 ? [] : [sayWith(papersWords.opens, { opens: listed(opens) })]),
        [budget === null ? "" : sayWith(papersWords.budget, { budget }), note].filter(Boolean).join(" "),
      ].filter(Boolean),
    };
  }
}

/** Which legs to take up, by how much, for which shoes. */
export function tailorsBlocks({ hems, client, unit }: PaperSource): Block[] {
  const title: Block = { is: "title", over: client.name, text: papersWords.tailorsSheet, under: "" };
  if (hems.length === 0) return [title, { is: "words", text: papersWords.noLegsToTakeUp, tone: "plain" }];
  return [
    title,
    { is: "pieces", rows: hems.map(hemRow), ticked: true },
    { is: "words", text: papersWords.measuredInside, tone: "soft" },
  ];

  function hemRow({ trousers, shoes, answer }: PaperHem): PieceRow {
    const named = (ids: readonly string[]) =>
      listed(shoes.filter(({ id }) => ids.includes(id)).map(({ name }) => called(name)));
    const not = answer.excludes.map(({ shoe }) => shoe);
    return {
      piece: trousers,
      name: trousers.name,
      notes: [
        wanted(trousers.figures.inseam, answer.inseam),
        ...(answer.suits.length > 0 ? [sayWith(papersWords.withShoes, { shoes: named(answer.suits) })] : []),
        ...(not.length > 0 && answer.inseam
          ? [sayWith(papersWords.notWithShoes, { shoes: named(not) })]
          : []),
      ],
    };
  }

  /** What to do to an inseam that should be within a span. */
  function wanted(now: number, span: PaperHem["answer"]["inseam"]): string {
    const say = (cm: number) => sayLength(cm, unit);
    if (!span) return papersWords.noLengthSuits;
    if (now >= span.from && now <= span.to) return sayWith(papersWords.leaveIt, { now: say(now) });
    if (now < span.from)
      return sayWith(papersWords.letDown, { by: say(span.from - now), to: say(span.from), now: say(now) });
    // Cloth that is cut off is gone: of all that suits, the least.
    return sayWith(papersWords.takeUp, { by: say(now - span.to), to: say(span.to), now: say(now) });
  }
}
