"use client";

import { useRouter } from "next/navigation";
import type { Outcome } from "@/core/schema/outcome";
import { purgeTimes } from "@/core/studio/put-away";
import { sayWith } from "@/words/say";
import { putAwayWords } from "@/words/put-away";
import { granted } from "../../kit/answer";
import { useMay } from "../../kit/role";
import { Select } from "../../kit/select";

export interface PurgeTimeProps {
  readonly days: number | null;
  readonly save: (input: { readonly days: number | null }) => Promise<Outcome<null>>;
}

/** After how long what was put away is gone for good. */
export function PurgeTime({ days, save }: PurgeTimeProps) {
  const router = useRouter();
  if (!useMay("keep house")) return null;
  const choose = async (chosen: string) => {
    if (await granted(() => save({ days: chosen === "" ? null : Number(chosen) }))) router.refresh();
  };
  return (
    <div className="grid w-44 gap-0.5">
      <span className="text-tiny text-ink-soft">{putAwayWords.goneForGood}</span>
      <Select
        label={putAwayWords.goneForGood}
        value={String(days ?? "")}
        onChange={(chosen) => void choose(chosen)}
        options={[
          { id: "", name: "never" },
          ...purgeTimes.map((each) => ({
            id: String(each),
            name: sayWith(putAwayWords.afterDays, { days: each }),
          })),
        ]}
      />
    </div>
  );
}
