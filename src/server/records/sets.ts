import { groupRecords } from "./groups";

/** Sets: shoes and at least two more accessories that agree with one another. */
export const sets = groupRecords({ table: "sets", members: "set_accessories", owner: "set_id" });
