import type { Dressed } from "../../dressing/dressed";
import { isKind, type Piece } from "../../piece/piece";
import { pitchOf } from "../../place/foot-time";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { isOpen, surely } from "../outlook";
import { atMost } from "../figures";
import type { Finding } from "../finding";
import { looseOf } from "../loose";
import { swapOrTakeOff, takeOff, wear } from "../proposals";

export const limits = defineRule({
  id: "comfort.limits",
  reads: "everything",
  title: "The client's own limits",
  fault: "her own limits",
  why: "A limit is a fact, told once and kept everywhere.",
  params: {
    share: param(0.05, "share", "share of a piece from which one of its colours is worn"),
    ankle: param(0.09, "share", "height, as a share of the body's, under which a bare leg bares the ankle"),
  },
  messages: {
    pitch: "The heel of {piece} raises the foot by {pitch}, more than {client} wears.",
    colour: "{client} never wears {family}, the colour of {piece}.",
    leather: "{client} wears no leather, and {piece} {pieceCount, plural, one {is} other {are}} of leather.",
    nickel: "{client} cannot wear nickel, and there is some in {piece}.",
    nickelUnknown:
      "Nobody has recorded whether there is nickel in {piece}, and {client} cannot wear it: ask, or test it.",
    clips: "{client} wears clips, and {piece} {pieceCount, plural, one {needs} other {need}} pierced ears.",
    loose:
      "{client} may wear nothing loose, and {piece} can be caught: leave {pieceCount, plural, one {it} other {them}} off, or wear {pieceCount, plural, one {it} other {them}} so that nothing hangs.",
    ankle: "The ankle is bare, and {client} keeps it covered.",
  },
  read(dressed, { params, judge }) {
    const { limits: limit, name: client } = dressed.look.client;
    const words = { client };
    const findings: Finding[] = [];
    const bar = (
      message: "colour" | "leather" | "nickel",
      piece: Piece,
      own: Parameters<typeof judge>[2] = {},
    ) => {
      findings.push(judge("bar", message, own, { of: { piece }, words, proposals: swapOrTakeOff(piece) }));
    };
    for (const { piece, profile } of dressed.worn) {
      if (isKind(piece, "shoe") && limit.heel !== null) {
        const pitch = pitchOf(piece);
        const figures = { pitch: atMost("lift less platform", pitch, "cm", limit.heel) };
        if (pitch > limit.heel)
          findings.push(judge("bar", "pitch", { of: { piece }, words, figures, proposals: wear("shoe") }));
      }
      if (limit.neverColours.length > 0) {
        const never = profile.tints.find(
          ({ family, share }) => share >= params.share && limit.neverColours.includes(family),
        );
        if (never) bar("colour", piece, { words: { client, family: never.family } });
      }
      if (limit.noLeather && "leather" in piece.figures && piece.figures.leather) bar("leather", piece);
      if (limit.nickelAllergy && "nickel" in piece.figures && piece.metal !== "none") {
        const { nickel } = piece.figures;
        const caution = "Where the skin reacts, take it off and ask a clinician.";
        if (nickel === "contained") bar("nickel", piece, { caution });
        else if (nickel === "not known")
          findings.push(judge("unread", "nickelUnknown", { of: { piece }, words }));
      }
      if (isKind(piece, "earrings") && limit.clipEarrings && piece.figures.closure === "pierced")
        findings.push(judge("bar", "clips", { of: { piece }, words, proposals: wear("earrings") }));
    }
    const loose = limit.nothingLoose ? looseOf(dressed) : null;
    if (loose)
      findings.push(judge("bar", "loose", { of: { piece: loose }, words, proposals: [takeOff(loose)] }));
    if (limit.coveredAnkles && baresAnkle(dressed, params.ankle))
      findings.push(judge("bar", "ankle", { words, proposals: wear("hosiery", "shoe") }));
    return findings;
  },
  hope(outlook, { said }) {
    const stays = ({ message }: Finding) => message !== "ankle" || !isOpen(outlook, "hosiery", "shoe");
    return surely(said().filter(stays));
  },
});

function baresAnkle({ bareLeg, hosiery, body }: Dressed, share: number): boolean {
  return bareLeg !== null && !hosiery && bareLeg.from < share * body.height;
}
