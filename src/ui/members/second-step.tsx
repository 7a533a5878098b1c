"use client";

import { format, parseISO } from "date-fns";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import type { ProposedStep } from "@/core/studio/member-record";
import { sayWith } from "@/words/say";
import { membersWords } from "@/words/members";
import { answerOf, sayFaults } from "../kit/answer";
import { Button } from "../kit/button";
import { Dialog } from "../kit/dialog";
import { TextField } from "../kit/form/fields";
import { RecordForm } from "../kit/form/record-form";
import type { MemberActions } from "./members";

/** What one sees of one's own second step. */
export interface OwnSecondStep {
  readonly begunAt: string;
  /** How many spare codes are left. */
  readonly spare: number;
}

export type SecondStepActions = Pick<
  MemberActions,
  "proposeSecondStep" | "setUpSecondStep" | "dropSecondStep"
>;

interface SecondStepProps {
  /** Null where the password is enough. */
  readonly step: OwnSecondStep | null;
  readonly actions: SecondStepActions;
}

/** A code from one's phone beside the password: set up, or given up again. */
export function SecondStep({ step, actions }: SecondStepProps) {
  const router = useRouter();
  const [proposed, setProposed] = useState<ProposedStep | null>(null);
  const [spares, setSpares] = useState<readonly string[] | null>(null);
  const [isDropping, setDropping] = useState(false);
  const propose = async () => {
    const outcome = await answerOf(() => actions.proposeSecondStep({}));
    if (outcome.ok) setProposed(outcome.value);
    else toast(sayFaults(outcome));
  };
  return (
    <section aria-labelledby="second-step">
      <h2 id="second-step" className="mb-2 text-lead">
        {membersWords.aSecondStep}
      </h2>
      <p className="mb-3 text-ink-soft">
        {step
          ? sayWith(membersWords.sinceYouSignInWith, {
              day: format(parseISO(step.begunAt), "d MMMM yyyy"),
              spare: sayLeft(step.spare),
            })
          : membersWords.aCodeFromAnApp}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void propose()}>
          {step ? membersWords.setItUpAnew : membersWords.setItUp}
        </Button>
        {step && <Button onClick={() => setDropping(true)}>{membersWords.giveItUp}</Button>}
      </div>
      <Dialog
        open={proposed !== null}
        onOpenChange={() => setProposed(null)}
        title={membersWords.aCodeFromYourPhone}
        about={membersWords.openTheAppOnYour}
      >
        {proposed && (
          <>
            <Picture step={proposed} />
            <RecordForm
              initial={{ secret: proposed.secret, code: "", ownPassword: "" }}
              draft={null}
              schema={() =>
                import("@/core/schema/forms/member-form").then(({ secondStepForm }) => secondStepForm)
              }
              onSave={async (input) => {
                const outcome = await actions.setUpSecondStep(input);
                if (!outcome.ok) return outcome;
                setProposed(null);
                setSpares(outcome.value);
                return { ok: true, value: null };
              }}
              then={() => null}
              saveLabel={membersWords.askForItFromNow}
            >
              <div className="grid gap-4">
                <TextField name="code" label={membersWords.theSixDigitsNow} autoComplete="one-time-code" />
                <TextField name="ownPassword" label={membersWords.yourPassword} type="password" />
              </div>
            </RecordForm>
          </>
        )}
      </Dialog>
      <Dialog
        open={spares !== null}
        onOpenChange={() => {
          setSpares(null);
          router.refresh();
        }}
        title={membersWords.spareCodes}
        about={membersWords.writeThemDownAndKeep}
      >
        <ul className="tabular mb-5 grid grid-cols-2 gap-x-6 gap-y-1 border-y border-rule py-3">
          {spares?.map((code) => (
            <li key={code} className="text-body">
              {code.slice(0, 5)} {code.slice(5)}
            </li>
          ))}
        </ul>
        <Button
          look="strong"
          onClick={() => {
            setSpares(null);
            router.refresh();
          }}
        >
          {membersWords.iHaveWrittenThemDown}
        </Button>
      </Dialog>
      <Dialog
        open={isDropping}
        onOpenChange={setDropping}
        title={membersWords.giveTheSecondStepUp}
        about={membersWords.yourPasswordAloneSignsYou}
      >
        <RecordForm
          initial={{ ownPassword: "" }}
          draft={null}
          schema={() =>
            import("@/core/schema/forms/member-form").then(({ ownPasswordForm }) => ownPasswordForm)
          }
          onSave={actions.dropSecondStep}
          then={() => null}
          onKept={() => {
            setDropping(false);
            router.refresh();
          }}
          saveLabel={membersWords.giveItUp}
        >
          <TextField name="ownPassword" label={membersWords.yourPassword} type="password" />
        </RecordForm>
      </Dialog>
    </section>
  );
}

function sayLeft(spare: number): string {
  if (spare === 0) return membersWords.noSpareCodeIsLeft;
  return spare === 1 ? membersWords.oneSpareCodeIsLeft : sayWith(membersWords.spareCodesAreLeft, { spare });
}

/** The secret as a picture for a phone's camera, as letters to be typed, and as a link where the app is right here. */
function Picture({ step: { secret, address, picture } }: { readonly step: ProposedStep }) {
  const quiet = 4;
  const side = picture.size + 2 * quiet;
  return (
    <div className="mb-5 grid grid-cols-[auto_minmax(0,1fr)] items-center gap-5">
      <svg
        viewBox={`${-quiet} ${-quiet} ${side} ${side}`}
        className="size-44 border border-rule bg-white"
        role="img"
        aria-label={membersWords.thePictureThatYourPhone}
        shapeRendering="crispEdges"
      >
        <path d={picture.path} fill="#000" />
      </svg>
      <div className="grid gap-3">
        <p>
          <span className="block text-ink-soft">{membersWords.orTypeThisIntoThe}</span>
          <span className="tabular block font-medium tracking-wide">{secret.match(/.{4}/g)?.join(" ")}</span>
        </p>
        <a href={address} className="underline decoration-rule-strong underline-offset-4">
          {membersWords.theAppIsOnThis}
        </a>
      </div>
    </div>
  );
}
