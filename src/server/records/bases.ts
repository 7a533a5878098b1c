import { groupRecords } from "./groups";

/** Bases: the garments of an outfit, without accessories. */
export const bases = groupRecords({
  table: "bases",
  members: "base_garments",
  owner: "base_id",
  unless: ["deleted_at"],
});
