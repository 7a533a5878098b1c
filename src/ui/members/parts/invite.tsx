"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { format, parseISO } from "date-fns";
import type { InvitationRecord } from "@/core/studio/member-record";
import { roles, type Role } from "@/core/studio/roles";
import { sayWith } from "@/words/say";
import { membersWords } from "@/words/members";
import { granted } from "../../kit/answer";
import { Button } from "../../kit/button";
import { ChoiceField, TextField, wordsAsOptions } from "../../kit/form/fields";
import { RecordForm } from "../../kit/form/record-form";
import type { MemberActions } from "../members";

const blank: { email: string; role: Role } = { email: "", role: "stylist" };

interface InviteProps extends Pick<MemberActions, "invite" | "withdraw"> {
  readonly invitations: readonly InvitationRecord[];
}

/** Invites somebody by a link that holds once, and shows who has not come yet. */
export function Invite({ invitations, invite, withdraw }: InviteProps) {
  const router = useRouter();
  const [link, setLink] = useState<string | null>(null);
  const [turn, setTurn] = useState(0);
  return (
    <section aria-labelledby="invite">
      <h2 id="invite" className="mb-2 text-lead">
        {membersWords.inviteSomebody}
      </h2>
      <RecordForm
        key={turn}
        initial={blank}
        draft={null}
        deed="lead"
        schema={() => import("@/core/schema/forms/member-form").then(({ invitationForm }) => invitationForm)}
        onSave={async (input) => {
          const outcome = await invite(input);
          if (!outcome.ok) return outcome;
          setLink(location.origin + outcome.value);
          setTurn((count) => count + 1);
          router.refresh();
          return { ok: true, value: null };
        }}
        then={() => null}
        saveLabel={membersWords.makeTheLink}
      >
        <div className="grid gap-4 sm:grid-cols-[minmax(0,1fr)_12rem]">
          <TextField name="email" label={membersWords.email} type="email" />
          <ChoiceField name="role" label={membersWords.role} options={wordsAsOptions(roles)} />
        </div>
      </RecordForm>
      {link && (
        <p role="status" className="mt-3 border-l-2 border-rule-strong pl-3">
          {membersWords.sendThisLinkItHolds} <code className="break-all">{link}</code>
        </p>
      )}
      {invitations.length > 0 && <NotYetHere invitations={invitations} withdraw={withdraw} />}
    </section>
  );
}

/** Who was invited and has not come yet. */
function NotYetHere({ invitations, withdraw }: Pick<InviteProps, "invitations" | "withdraw">) {
  const router = useRouter();
  return (
    <ul className="mt-4 border-t border-rule">
      {invitations.map(({ id, email, role, expiresAt }) => (
        <li key={id} className="flex flex-wrap items-center gap-x-4 border-b border-rule py-1">
          <span className="min-w-48 flex-1">
            {email} <span className="text-ink-soft">{sayWith(membersWords.as, { role })}</span>
          </span>
          <span className="text-tiny text-ink-soft">
            {sayWith(membersWords.holdsUntil, { day: format(parseISO(expiresAt), "d MMM") })}
          </span>
          <Button
            look="quiet"
            size="touch"
            aria-label={sayWith(membersWords.takeBackTheInvitationOf, { email })}
            onClick={() => void granted(() => withdraw({ id })).then((done) => done && router.refresh())}
          >
            {membersWords.takeBack}
          </Button>
        </li>
      ))}
    </ul>
  );
}
