import { noGoals, noLimits } from "@/core/piece/client";
import { polished } from "@/core/rule-book/rule-book";
import type { ClientInput } from "@/core/studio/client-record";

/** What the form of a new client starts with. */
export const newClient: Omit<ClientInput, "measured"> & {
  readonly measured: Partial<ClientInput["measured"]>;
} = {
  name: "",
  measured: {},
  seated: false,
  colouring: { skin: null, hair: null, hairForm: null, eyes: null, undertone: null },
  limits: noLimits,
  goals: noGoals,
  ruleBook: polished,
  notes: "",
};
