"use client";

import { useRouter } from "next/navigation";
import type { InvitationRecord, MemberRecord, ChangeRecord, ProposedStep } from "@/core/studio/member-record";
import type { Outcome } from "@/core/schema/outcome";
import type { PasswordChange, SecondStepSetUp } from "@/core/schema/forms/member-form";
import { allowed, deeds, mayDo, roles, type Role } from "@/core/studio/roles";
import { sayWith } from "@/words/say";
import { membersWords } from "@/words/members";
import { granted } from "../kit/answer";
import { Button } from "../kit/button";
import { Page } from "../kit/page";
import { useMay } from "../kit/role";
import { Select } from "../kit/select";
import { Changes } from "./parts/changes";
import { Invite } from "./parts/invite";
import { OwnAccount, type OwnSession } from "./parts/own-account";
import type { OwnSecondStep } from "./parts/second-step";

type Act<I, O = null> = (input: I) => Promise<Outcome<O>>;

export interface MemberActions {
  readonly changePassword: Act<PasswordChange>;
  readonly changeRole: Act<{ userId: string; role: Role }>;
  readonly dismiss: Act<{ userId: string }>;
  readonly dropSecondStep: Act<{ ownPassword: string }>;
  readonly endOthers: Act<Readonly<Record<string, never>>>;
  readonly endSession: Act<{ id: string }>;
  readonly invite: Act<{ email: string; role: Role }, string>;
  readonly proposeSecondStep: Act<Readonly<Record<string, never>>, ProposedStep>;
  readonly setUpSecondStep: Act<SecondStepSetUp, readonly string[]>;
  readonly signOut: Act<{ userId: string }>;
  readonly switchStudio: Act<{ studioId: string }>;
  readonly withdraw: Act<{ id: string }>;
}

interface MembersProps {
  readonly self: { readonly userId: string; readonly sessionId: string; readonly role: Role };
  readonly sessions: readonly OwnSession[];
  readonly secondStep: OwnSecondStep | null;
  readonly members: readonly MemberRecord[];
  readonly invitations: readonly InvitationRecord[];
  readonly changes: readonly ChangeRecord[];
  readonly studios: readonly { readonly studioId: string; readonly studioName: string }[];
  readonly actions: MemberActions;
}

/** Who works here and may do what, one's own account, and who changed what. */
export function Members(props: MembersProps) {
  const { self, sessions, secondStep, members, invitations, changes, studios, actions } = props;
  const leads = useMay("lead");
  return (
    <Page title={membersWords.members} about={membersWords.whoWorksInThisStudio}>
      <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="grid content-start gap-8">
          <section aria-labelledby="who">
            <h2 id="who" className="mb-2 text-lead">
              {membersWords.whoWorksHere}
            </h2>
            <ul className="border-t border-rule-strong">
              {members.map((member) => (
                <MemberRow
                  key={member.userId}
                  member={member}
                  isSelf={member.userId === self.userId}
                  actions={actions}
                />
              ))}
            </ul>
          </section>
          {leads && <Invite invitations={invitations} invite={actions.invite} withdraw={actions.withdraw} />}
          <RoleTable />
          {leads && <Changes changes={changes} />}
        </div>
        <OwnAccount
          self={self}
          sessions={sessions}
          secondStep={secondStep}
          studios={studios}
          actions={actions}
        />
      </div>
    </Page>
  );
}

interface MemberRowProps {
  readonly member: MemberRecord;
  readonly isSelf: boolean;
  readonly actions: MemberActions;
}

function MemberRow({ member, isSelf, actions }: MemberRowProps) {
  const router = useRouter();
  const leads = useMay("lead");
  const { userId, name, email, role } = member;
  const then = async (ask: () => Promise<Outcome<null>>) => {
    if (await granted(ask)) router.refresh();
  };
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-2">
      <span className="min-w-48 flex-1">
        <span className="font-medium">{name}</span>
        {isSelf && <span className="text-ink-soft">{membersWords.you}</span>}
        <span className="block text-tiny text-ink-soft">{email}</span>
      </span>
      {leads ? (
        <div className="w-36">
          <Select
            label={sayWith(membersWords.roleOf, { name })}
            value={role}
            options={roles.map((each) => ({ id: each, name: each }))}
            onChange={(next) => void then(() => actions.changeRole({ userId, role: next as Role }))}
          />
        </div>
      ) : (
        <span className="w-28 text-ink-soft">{role}</span>
      )}
      {leads && !isSelf && (
        <span className="flex gap-1">
          <Button
            look="quiet"
            size="touch"
            aria-label={sayWith(membersWords.signOutEverywhere, { name })}
            onClick={() => void then(() => actions.signOut({ userId }))}
          >
            {membersWords.signOut}
          </Button>
          <Button
            look="quiet"
            size="touch"
            aria-label={sayWith(membersWords.remove, { name })}
            onClick={() => void then(() => actions.dismiss({ userId }))}
          >
            {membersWords.removeLabel}
          </Button>
        </span>
      )}
    </li>
  );
}

/** The table by which the studio says who may do what. */
function RoleTable() {
  return (
    <section aria-labelledby="may">
      <h2 id="may" className="mb-2 text-lead">
        {membersWords.whatEachMayDo}
      </h2>
      <table className="w-full border-t border-rule-strong text-left">
        <thead>
          <tr className="border-b border-rule text-tiny text-ink-soft">
            <th className="py-1 font-normal">{membersWords.may}</th>
            {roles.map((role) => (
              <th key={role} className="w-20 py-1 text-center font-normal">
                {role}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {deeds.map((deed) => (
            <tr key={deed} className="border-b border-rule">
              <td className="py-1.5 pr-4">{allowed[deed].say}</td>
              {roles.map((role) => (
                <td key={role} className="text-center">
                  {mayDo(role, deed) ? (
                    membersWords.yes
                  ) : (
                    <span className="text-ink-soft">{membersWords.no}</span>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
