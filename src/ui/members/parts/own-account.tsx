"use client";

import { formatDistanceToNow, parseISO } from "date-fns";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import type { Role } from "@/core/studio/roles";
import { sayWith } from "@/words/say";
import { membersWords } from "@/words/members";
import { granted } from "../../kit/answer";
import { Button } from "../../kit/button";
import { TextField } from "../../kit/form/fields";
import { RecordForm } from "../../kit/form/record-form";
import type { MemberActions } from "../members";
import { SecondStep, type OwnSecondStep, type SecondStepActions } from "./second-step";

export interface OwnSession {
  readonly id: string;
  readonly device: string;
  readonly usedAt: string;
}

interface OwnAccountProps {
  readonly self: { readonly sessionId: string; readonly role: Role };
  readonly sessions: readonly OwnSession[];
  readonly studios: readonly { readonly studioId: string; readonly studioName: string }[];
  readonly secondStep: OwnSecondStep | null;
  readonly actions: SecondStepActions &
    Pick<MemberActions, "changePassword" | "endOthers" | "endSession" | "switchStudio">;
}

/** Where one is signed in, one's password, and one's other studios. */
export function OwnAccount({ self, sessions, secondStep, studios, actions }: OwnAccountProps) {
  return (
    <aside className="grid content-start gap-8" aria-label={membersWords.yourAccount}>
      <Sessions self={self} sessions={sessions} actions={actions} />
      <Password changePassword={actions.changePassword} />
      <SecondStep step={secondStep} actions={actions} />
      {studios.length > 1 && <Studios studios={studios} switchStudio={actions.switchStudio} />}
    </aside>
  );
}

/** Where one is signed in; each can be ended from here. */
function Sessions({ self, sessions, actions }: Pick<OwnAccountProps, "self" | "sessions" | "actions">) {
  const router = useRouter();
  return (
    <section aria-labelledby="sessions">
      <h2 id="sessions" className="mb-2 text-lead">
        {membersWords.whereYouAreSignedIn}
      </h2>
      <ul className="border-t border-rule">
        {sessions.map(({ id, device, usedAt }) => (
          <li key={id} className="flex items-center justify-between gap-3 border-b border-rule py-1">
            <span>
              {device}
              <span className="block text-tiny text-ink-soft">
                {id === self.sessionId
                  ? membersWords.hereNow
                  : sayWith(membersWords.lastUsedAgo, { span: formatDistanceToNow(parseISO(usedAt)) })}
              </span>
            </span>
            {id !== self.sessionId && (
              <Button
                look="quiet"
                aria-label={sayWith(membersWords.signOutOn, { device })}
                onClick={() =>
                  void granted(() => actions.endSession({ id })).then((done) => done && router.refresh())
                }
              >
                {membersWords.signOut}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {sessions.length > 1 && (
        <Button
          className="mt-2"
          onClick={() => void granted(() => actions.endOthers({})).then((done) => done && router.refresh())}
        >
          {membersWords.signOutEverywhereButHere}
        </Button>
      )}
    </section>
  );
}

function Password({ changePassword }: Pick<MemberActions, "changePassword">) {
  const router = useRouter();
  const [turn, setTurn] = useState(0);
  return (
    <section aria-labelledby="password">
      <h2 id="password" className="mb-2 text-lead">
        {membersWords.password}
      </h2>
      <RecordForm
        key={turn}
        initial={{ password: "", next: "" }}
        draft={null}
        deed="see"
        schema={() => import("@/core/schema/forms/member-form").then(({ passwordForm }) => passwordForm)}
        onSave={changePassword}
        then={() => null}
        onKept={() => {
          setTurn((count) => count + 1);
          toast(membersWords.theNewPasswordHoldsYou);
          router.refresh();
        }}
        saveLabel={membersWords.changeIt}
      >
        <div className="grid gap-4">
          <TextField name="password" label={membersWords.passwordNow} type="password" />
          <TextField
            name="next"
            label={membersWords.newPassword}
            type="password"
            help={membersWords.threeOrFourWordsThat}
          />
        </div>
      </RecordForm>
    </section>
  );
}

function Studios({
  studios,
  switchStudio,
}: Pick<OwnAccountProps, "studios"> & Pick<MemberActions, "switchStudio">) {
  return (
    <section aria-labelledby="studios">
      <h2 id="studios" className="mb-2 text-lead">
        {membersWords.yourStudios}
      </h2>
      <ul className="grid gap-1">
        {studios.map(({ studioId, studioName }) => (
          <li key={studioId}>
            <Button
              onClick={() =>
                void granted(() => switchStudio({ studioId })).then((done) => done && location.assign("/"))
              }
            >
              {sayWith(membersWords.goTo, { studioName })}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
