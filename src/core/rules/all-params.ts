import { toneLimits } from "../colour/tone-limits";
import { hemLimits } from "../proportion/hem-limits";
import type { Params } from "../rule-book/params";
import { setLimits } from "../rule-book/set-limits";
import { strapLimits } from "../strap/strap-limits";
import { registry } from "./registry";

/** A group of thresholds that several rules or the dressing share. */
interface ParamGroup {
  readonly id: string;
  readonly title: string;
  readonly params: Params;
}

/** Every group of parameters a rule book can override: the shared ones, then one a rule. */
export const paramGroups: readonly ParamGroup[] = [
  { id: "hem", title: "How a hem and a shaft meet", params: hemLimits },
  { id: "tones", title: "Where two near tones touch", params: toneLimits },
  { id: "strap", title: "An arm through a strap", params: strapLimits },
  { id: "set", title: "What a whole set is weighed by", params: setLimits },
  ...registry.filter(({ params }) => Object.keys(params).length > 0),
];
