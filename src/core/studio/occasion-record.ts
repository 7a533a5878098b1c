import type { Occasion } from "../piece/occasion";

export interface OccasionRecord {
  readonly occasion: Occasion;
  readonly clientId: string;
  readonly version: number;
}

export interface OccasionInput {
  readonly clientId: string;
  readonly occasion: Omit<Occasion, "id">;
}
