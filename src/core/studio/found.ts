/** Something of the studio that was found by its name. */
export interface FoundRecord {
  readonly kind: "client" | "piece" | "set" | "base" | "occasion";
  readonly id: string;
  readonly name: string;
  /** Whose it is; null for the studio's kit. A client is their own. */
  readonly clientId: string | null;
  readonly clientName: string | null;
}
