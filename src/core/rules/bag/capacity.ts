import { carriedThings } from "../../piece/carried";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";

export const capacity = defineRule({
  id: "bag.capacity",
  lens: "comfort",
  weight: 1,
  title: "The bag holds what must be carried",
  why: "A bag that is too small is carried beside another one; what is longer than the bag sticks out of it.",
  params: {
    usable: param(0.6, "share", "part of a bag's outer volume that can be filled"),
    slant: param(1, "cm", "how much longer than its longest side a thing may be and still go in slantwise"),
  },
  read({ landing, look }, { usable, slant }) {
    const things = look.occasion?.mustCarry ?? [];
    if (!landing || things.length === 0) return [];
    const { bag } = landing;
    const { width, height, depth } = bag.figures;
    const longest = things.reduce((most, thing) =>
      carriedThings[thing].longest > carriedThings[most].longest ? thing : most,
    );
    const shared = { names: { bag: bag.name, things: things.join(", "), longest }, pieces: [bag.id] };
    const proposals = [{ kind: "wear", slot: "bag" }] as const;
    const side = Math.max(width, height);
    const long = carriedThings[longest].longest;
    if (long > side + slant)
      return [
        {
          effect: "jars",
          say: "The {longest} ({long}) does not go into {bag}.",
          figures: { long: atMost("longest thing", long, "cm", side + slant) },
          proposals,
          ...shared,
        },
      ];
    const need = things.reduce((sum, thing) => sum + carriedThings[thing].volume, 0);
    const full = need / (width * height * depth * usable);
    const figures = { full: atMost("of its room", full, "share", 1) };
    if (full > 1)
      return [
        {
          effect: "rubs",
          say: "{full} of its room is asked of {bag}: {things}.",
          figures,
          proposals,
          ...shared,
        },
      ];
    return [{ effect: "note", say: "{things} take {full} of the room in {bag}.", figures, ...shared }];
  },
});
