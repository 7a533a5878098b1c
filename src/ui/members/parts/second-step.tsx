"use client";

import { format, parseISO } from "date-fns";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import type { ProposedStep } from "@/core/studio/member-record";
import { sayWith } from "@/words/say";
import { membersWords } from "@/words/members";
import { answerOf, sayFaults } from "../../kit/answer";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { TextField } from "../../kit/form/fields";
import { RecordForm } from "../../kit/form/record-form";
import type { MemberActions } from "../members";

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
      <SetUp
        proposed={proposed}
        setUp={actions.setUpSecondStep}
        onClose={() => setProposed(null)}
        onSpares={(codes) => {
          setProposed(null);
          setSpares(codes);
        }}
      />
      <SpareCodes
        codes={spares}
        onClose={() => {
          setSpares(null);
          router.refresh();
        }}
      />
      <GiveUp
        open={isDropping}
        onOpenChange={setDropping}
        drop={actions.dropSecondStep}
        onDropped={() => {
          setDropping(false);
          router.refresh();
        }}
      />
    </section>
  );
}

interface SetUpProps {
  readonly proposed: ProposedStep | null;
  readonly setUp: SecondStepActions["setUpSecondStep"];
  readonly onClose: () => void;
  /** Called with the spare codes once it is set up. */
  readonly onSpares: (codes: readonly string[]) => void;
}

/** Asks for the first code, which shows that the phone has the secret. */
function SetUp({ proposed, setUp, onClose, onSpares }: SetUpProps) {
  return (
    <Dialog
      open={proposed !== null}
      onOpenChange={onClose}
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
              const outcome = await setUp(input);
              if (!outcome.ok) return outcome;
              onSpares(outcome.value);
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
  );
}

interface SpareCodesProps {
  readonly codes: readonly string[] | null;
  readonly onClose: () => void;
}

/** Codes for the day the phone is lost: shown this once. */
function SpareCodes({ codes, onClose }: SpareCodesProps) {
  return (
    <Dialog
      open={codes !== null}
      onOpenChange={onClose}
      title={membersWords.spareCodes}
      about={membersWords.writeThemDownAndKeep}
    >
      <ul className="tabular mb-5 grid grid-cols-2 gap-x-6 gap-y-1 border-y border-rule py-3">
        {codes?.map((code) => (
          <li key={code} className="text-body">
            {code.slice(0, 5)} {code.slice(5)}
          </li>
        ))}
      </ul>
      <Button look="strong" onClick={onClose}>
        {membersWords.iHaveWrittenThemDown}
      </Button>
    </Dialog>
  );
}

interface GiveUpProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly drop: SecondStepActions["dropSecondStep"];
  readonly onDropped: () => void;
}

/** Gives the second step up, by one's password. */
function GiveUp({ open, onOpenChange, drop, onDropped }: GiveUpProps) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={membersWords.giveTheSecondStepUp}
      about={membersWords.yourPasswordAloneSignsYou}
    >
      <RecordForm
        initial={{ ownPassword: "" }}
        draft={null}
        schema={() =>
          import("@/core/schema/forms/member-form").then(({ ownPasswordForm }) => ownPasswordForm)
        }
        onSave={drop}
        then={() => null}
        onKept={onDropped}
        saveLabel={membersWords.giveItUp}
      >
        <TextField name="ownPassword" label={membersWords.yourPassword} type="password" />
      </RecordForm>
    </Dialog>
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
