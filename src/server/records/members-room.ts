import { mayDo } from "@/core/studio/roles";
import type { Tenant } from "../db/tenant";
import { listChanges } from "./changes";
import { studiosOf } from "./doors";
import { listInvitations, listMembers } from "./members";
import { secondStepOf, type SecondStep } from "./second-steps";
import { listSessions, type Session } from "./sessions";

/** How many of the last changes are shown. */
const mostChanges = 60;

/** Who works here; for whoever leads the studio, also who is invited and who changed what. */
export async function membersRoom(tenant: Tenant, session: Session) {
  const leads = mayDo(session.role, "lead");
  return {
    self: { userId: session.userId, sessionId: session.id, role: session.role },
    sessions: await listSessions(tenant, session.userId),
    studios: await studiosOf(session.userId, tenant),
    secondStep: shown(await secondStepOf(session.userId, tenant)),
    members: await listMembers(tenant),
    invitations: leads ? await listInvitations(tenant) : [],
    changes: leads ? await listChanges(tenant, mostChanges) : [],
  };
}

/** Of a second step all but its secret. */
function shown(step: SecondStep | null) {
  return step && { begunAt: step.begunAt, spare: step.spare };
}
