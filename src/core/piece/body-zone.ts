/** The parts of the body where the eye may rest. */
export type BodyZone = "face" | "trunk" | "waist" | "hand" | "leg" | "foot";
