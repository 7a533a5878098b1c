"use client";

import { Link } from "../../kit/link";
import { useRouter } from "next/navigation";
import { Popover } from "radix-ui";
import type { Outcome } from "@/core/schema/outcome";
import { shellWords } from "@/words/shell";
import { granted } from "../../kit/answer";
import { useMay } from "../../kit/role";
import { Select } from "../../kit/select";

export interface StudioSettingsProps {
  readonly studioName: string;
  readonly userName: string;
  readonly timeZone: string;
  readonly saveTimeZone: (input: { readonly zone: string }) => Promise<Outcome<null>>;
}

/** Every time zone this browser knows, the studio's own among them. */
function zones(own: string): readonly { readonly id: string; readonly name: string }[] {
  const names = new Set([...Intl.supportedValuesOf("timeZone"), "UTC", own]);
  return [...names].sort().map((id) => ({ id, name: id.replaceAll("_", " ") }));
}

/** Whose studio this is, and the time zone whose day is its today. */
export function StudioSettings({ studioName, userName, timeZone, saveTimeZone }: StudioSettingsProps) {
  const router = useRouter();
  const may = useMay("keep house");
  const choose = async (zone: string) => {
    if (await granted(() => saveTimeZone({ zone }))) router.refresh();
  };
  return (
    <Popover.Root>
      <Popover.Trigger className="hidden h-9 underline decoration-rule-strong decoration-dotted underline-offset-4 hover:decoration-ink lg:inline">
        <span className="hidden xl:inline">
          {userName}, {studioName}
        </span>
        <span className="xl:hidden">{shellWords.account}</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={4}
          className="z-50 w-72 border border-rule-strong bg-paper p-4 shadow-md"
        >
          <Link href="/members" className="mb-3 block underline decoration-rule-strong underline-offset-4">
            {shellWords.membersYourPasswordWhereYou}
          </Link>
          <p className="text-tiny text-ink-soft">{shellWords.theStudiosDayBeginsAt}</p>
          {may ? (
            <Select
              label={shellWords.timeZoneOfTheStudio}
              value={timeZone}
              options={zones(timeZone)}
              onChange={(zone) => void choose(zone)}
            />
          ) : (
            <p>{timeZone.replaceAll("_", " ")}</p>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
