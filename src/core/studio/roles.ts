/** Who works in a studio, by what they may do: the first may most. */
export const roles = ["owner", "stylist", "assistant"] as const;
export type Role = (typeof roles)[number];

/** What is done in a studio. */
export const deeds = ["see", "work", "measure", "judge", "carry", "keep house", "erase", "lead"] as const;
export type Deed = (typeof deeds)[number];

interface Allowed {
  readonly to: readonly Role[];
  /** What it is, as the list of members and the documents say it. */
  readonly say: string;
}

/** The one table of who may do what. */
export const allowed: Readonly<Record<Deed, Allowed>> = {
  see: { to: roles, say: "see clients, pieces, looks, sets and boards" },
  work: {
    to: roles,
    say: "record pieces and occasions, lay looks, keep sets, choose cm or inches, note what was worn and what is missing",
  },
  measure: { to: ["owner", "stylist"], say: "record clients and their measures" },
  judge: { to: ["owner", "stylist"], say: "overrule a rule, and change a client's rule book" },
  carry: { to: ["owner", "stylist"], say: "save a client as one file, and open such a file" },
  "keep house": {
    to: ["owner"],
    say: "change the studio's own rule book, templates and time zone, and when the archive is emptied",
  },
  erase: { to: ["owner"], say: "erase a client for good" },
  lead: { to: ["owner"], say: "invite, change and remove members, and see what was changed by whom" },
};

/** Whether a role may do something. */
export function mayDo(role: Role, deed: Deed): boolean {
  return allowed[deed].to.includes(role);
}

/** Why somebody may not, in one sentence. */
export function sayMayNot(deed: Deed): string {
  const who = allowed[deed].to.map((role) => `${role === "owner" ? "an" : "a"} ${role}`).join(" or ");
  return `Only ${who} may ${allowed[deed].say}.`;
}
