import { bodyZoneOf, placeOf, type Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atMost, figure } from "../figures";
import type { Finding } from "../finding";
import { swapOrTakeOff } from "../proposals";
import { metalGroupsOf, metalWords } from "./metal-groups";
import type { Dressed, Worn } from "../../dressing/dressed";
import { metalGroup, type MetalGroup } from "../../finish/metals";
import type { BodyZone } from "../../piece/body-zone";
import { doomed, hopeFor, noHope, type Outlook } from "../outlook";

export const metal = definePairRule({
  id: "finish.metal",
  reads: "everything",
  title: "One metal story",
  fault: "metals at odds",
  why: "Buckles, toggles, clasps, watch and earrings are read together: one that breaks the story looks forgotten.",
  params: {
    bridge: param(2, "count", "pieces of each metal that make two of them agree"),
    plain: param(2, "count", "size from which a stray metal is plain to see"),
    story: param(3, "count", "pieces of one metal that make a story"),
  },
  schools: ["metals"],
  tags: ["set"],
  messages: {
    unread: "Nobody has recorded the metal of {piece}: look at the buckle.",
    story: "The metal is {metal} throughout: {pieces}.",
    carried: "The metal is {metal} from ear to shoe: {pieces}.",
    joined: "Two metals, brought together by {by}.",
    broken:
      "{strays} {straysCount, plural, one {does} other {do}} not match the rest of the metal: {stray} where the rest is {main} ({others}).",
  },
  pair: ["joined", "broken", "carried"],
  concerns: ({ piece }) => piece.metalSize > 0,
  judgesBy: ({ kind, metal, metalSize }) => `${kind} ${metal} ${metalSize}`,
  read({ visible }, { params, schools, judge }) {
    const seen: Piece[] = [];
    for (const { piece } of visible) if (piece.metalSize > 0) seen.push(piece);
    if (seen.length === 0) return [];
    const unread: Finding[] = [];
    for (const piece of seen)
      if (piece.metal === "unknown") unread.push(judge("unread", "unread", { of: { piece } }));
    const groups = metalGroupsOf(seen, params.plain);
    const [main, ...others] = groups;
    if (!main || schools.metals === "free") return unread;
    const { pieces } = main;
    if (others.length === 0) {
      const carried = ["face", "foot"].every((zone) => pieces.some((piece) => bodyZoneOf(piece) === zone));
      if (pieces.length < params.story && !carried) return unread;
      const figures = { count: figure("pieces that tell it", pieces.length, "count") };
      const words = { metal: metalWords[main.group] };
      return [...unread, judge("lifts", carried ? "carried" : "story", { of: { pieces }, words, figures })];
    }
    // What belongs to the base is given: the accessory that differs is the one to change.
    const strays = others.flatMap((group) => group.pieces).filter((piece) => placeOf(piece) === null);
    if (strays.length === 0) return unread;
    const twoTone = seen.find((piece) => piece.metal === "two-tone");
    const enough = groups.every((group) => group.pieces.length >= params.bridge);
    if (schools.metals === "bridged" && others.length === 1 && (twoTone || enough)) {
      const by = twoTone ?? "two pieces of each";
      return [...unread, judge("note", "joined", { of: { by, strays }, about: strays })];
    }
    const plain = strays.some((piece) => piece.metalSize >= params.plain);
    const broken = judge(plain ? "jars" : "rubs", "broken", {
      of: { strays, others: pieces },
      about: strays,
      words: {
        stray: [...new Set(strays.map((piece) => piece.metal))].join(" and "),
        main: metalWords[main.group],
      },
      figures: { groups: atMost("metals seen", groups.length, "count", 1) },
      proposals: swapOrTakeOff(...strays),
    });
    return [...unread, broken];
  },
  hope({ on, open, all }, { params, schools }) {
    const isSeen = ({ piece }: Worn) => piece.metalSize > 0;
    const may = metalGroupsOf(
      all.filter(isSeen).map(({ piece }) => piece),
      params.plain,
    );
    if (schools.metals === "free" || may.length === 0) return noHope;
    const groups = metalGroupsOf(
      on.visible.filter(isSeen).map(({ piece }) => piece),
      params.plain,
    );
    if (groups.length < 2) {
      const [lead] = groups;
      const tells = (group: MetalGroup) => mayTell(group, on, open, params.story);
      return (lead ? [lead] : may).some(({ group }) => tells(group)) ? hopeFor("lifts") : noHope;
    }
    const chosen = groups.map(({ pieces }) => pieces.filter((piece) => placeOf(piece) === null));
    // Whichever of two metals leads in the end, where accessories have both there is a stray among them.
    if (chosen.filter((pieces) => pieces.length > 0).length < 2) return noHope;
    const mayJoin =
      schools.metals === "bridged" &&
      groups.length === 2 &&
      (all.some(({ piece }) => piece.metal === "two-tone") ||
        groups.every(
          ({ group }) => (may.find((other) => other.group === group)?.pieces.length ?? 0) >= params.bridge,
        ));
    if (mayJoin) return noHope;
    const plain = chosen.every(
      (pieces) => pieces.length === 0 || pieces.some(({ metalSize }) => metalSize >= params.plain),
    );
    return doomed(plain ? "jars" : "rubs");
  },
});

/** Whether one metal may yet be told by so many pieces, or from ear to shoe. */
function mayTell(group: MetalGroup, on: Dressed, open: Outlook["open"], story: number): boolean {
  const isOf = ({ piece }: Worn) => piece.metalSize > 0 && metalGroup(piece.metal) === group;
  const worn = on.visible.filter(isOf);
  const slots = [...open.values()].map((items) => items.filter(isOf)).filter((items) => items.length > 0);
  const mayBeIn = (zone: BodyZone) =>
    [...worn, ...slots.flat()].some(({ piece }) => bodyZoneOf(piece) === zone);
  return worn.length + slots.length >= story || (mayBeIn("face") && mayBeIn("foot"));
}
