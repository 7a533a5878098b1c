import type { Metadata } from "next";
import {
  changePassword,
  changeRole,
  dismissMember,
  dropSecondStep,
  endOtherSessions,
  endOwnSession,
  inviteMember,
  proposeSecondStep,
  setUpSecondStep,
  signMemberOut,
  switchStudio,
  withdrawInvitation,
} from "@/server/actions/members";
import { membersRoom } from "@/server/records/members-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { Members } from "@/ui/members/members";
import { membersWords } from "@/words/members";

export const metadata: Metadata = { title: membersWords.members };

const actions = {
  changePassword,
  changeRole,
  dismiss: dismissMember,
  dropSecondStep,
  proposeSecondStep,
  setUpSecondStep,
  endOthers: endOtherSessions,
  endSession: endOwnSession,
  invite: inviteMember,
  signOut: signMemberOut,
  switchStudio,
  withdraw: withdrawInvitation,
};

export default async function MembersPage() {
  return <Members {...await inOwnStudio(membersRoom)} actions={actions} />;
}
