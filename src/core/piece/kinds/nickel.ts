import { added, choice } from "../field";

/** Whether there is nickel where a piece lies on the skin. */
export const nickel = added(choice("Nickel", ["not known", "free of it", "contained"]));
