"use client";

import { formatDistanceToNow, parseISO } from "date-fns";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import type { Role } from "@/core/studio/roles";
import { granted } from "../kit/answer";
import { Button } from "../kit/button";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";
import type { MemberActions } from "./members";
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
  const router = useRouter();
  const [turn, setTurn] = useState(0);
  return (
    <aside className="grid content-start gap-8" aria-label="Your account">
      <section aria-labelledby="sessions">
        <h2 id="sessions" className="mb-2 text-lead">
          Where you are signed in
        </h2>
        <ul className="border-t border-rule">
          {sessions.map(({ id, device, usedAt }) => (
            <li key={id} className="flex items-center justify-between gap-3 border-b border-rule py-1">
              <span>
                {device}
                <span className="block text-tiny text-ink-soft">
                  {id === self.sessionId
                    ? "here, now"
                    : `last used ${formatDistanceToNow(parseISO(usedAt))} ago`}
                </span>
              </span>
              {id !== self.sessionId && (
                <Button
                  look="quiet"
                  aria-label={`Sign out on ${device}`}
                  onClick={() =>
                    void granted(() => actions.endSession({ id })).then((done) => done && router.refresh())
                  }
                >
                  Sign out
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
            Sign out everywhere but here
          </Button>
        )}
      </section>
      <section aria-labelledby="password">
        <h2 id="password" className="mb-2 text-lead">
          Password
        </h2>
        <RecordForm
          key={turn}
          initial={{ password: "", next: "" }}
          draft={null}
          deed="see"
          schema={() => import("@/core/schema/forms/member-form").then(({ passwordForm }) => passwordForm)}
          onSave={actions.changePassword}
          then={() => null}
          onKept={() => {
            setTurn((count) => count + 1);
            toast("The new password holds. You are signed out everywhere else.");
            router.refresh();
          }}
          saveLabel="Change it"
        >
          <div className="grid gap-4">
            <TextField name="password" label="Password now" type="password" />
            <TextField
              name="next"
              label="New password"
              type="password"
              help="Three or four words that do not belong together."
            />
          </div>
        </RecordForm>
      </section>
      <SecondStep step={secondStep} actions={actions} />
      {studios.length > 1 && (
        <section aria-labelledby="studios">
          <h2 id="studios" className="mb-2 text-lead">
            Your studios
          </h2>
          <ul className="grid gap-1">
            {studios.map(({ studioId, studioName }) => (
              <li key={studioId}>
                <Button
                  onClick={() =>
                    void granted(() => actions.switchStudio({ studioId })).then(
                      (done) => done && location.assign("/"),
                    )
                  }
                >
                  Go to {studioName}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </aside>
  );
}
