import { added, flag, length } from "../field";
import { defineKind } from "./define-kind";

export const belt = defineKind({
  label: "Belt",
  slot: "belt",
  place: null,
  figures: {
    width: length("Width", 0.5, 20, 3),
    firstHole: length("Buckle to the first hole", 40, 180, 70),
    lastHole: length("Buckle to the last hole", 40, 190, 85),
    leather: added(flag("Of leather")),
  },
  check({ firstHole, lastHole }) {
    return lastHole < firstHole
      ? { field: "lastHole", say: "The last hole cannot be nearer the buckle than the first." }
      : null;
  },
});
