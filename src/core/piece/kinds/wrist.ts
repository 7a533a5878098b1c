import type { Body } from "../../body/body";
import { around, type Interval } from "../../length/interval";

/** Where a watch or a bracelet lies, as a share of the body height, and the room it takes, cm. */
const share = 0.475;
const room = 3;

export function atWrist(_: unknown, { height }: Body): Interval {
  return around(share * height, room);
}
