/** Rows of the studio itself: who works there, what it sent and shows, what was changed and erased. */

import type { ClientCounts } from "@/core/studio/client-whole";
import type { LinkAnswer } from "@/core/studio/link-record";
import type { Role } from "@/core/studio/roles";
import type { RailView } from "@/core/studio/rail";
import type { Shortcuts } from "@/core/studio/shortcuts";
import type { OfStudio } from "./work-rows";

export interface SessionRow extends OfStudio {
  user_id: string;
  device: string;
  used_at: Date;
  ended_at: Date | null;
}

export interface MembershipRow {
  studio_id: string;
  user_id: string;
  role: Role;
}

export interface InvitationRow extends OfStudio {
  email: string;
  role: Role;
  token_hash: string;
  made_by: string;
  expires_at: Date;
  ended_at: Date | null;
}

export interface LetterRow extends OfStudio {
  recipient: string;
  subject: string;
  body: string;
}

export interface ChangeRow extends OfStudio {
  made_at: Date;
  user_id: string | null;
  record: string;
  name: string;
  deed: string;
  fields: readonly string[];
}

/** What a person has the rail narrowed to, under names of her own. */
export interface RailViewsRow extends OfStudio {
  user_id: string;
  views: readonly RailView[];
}

export interface MemberKeysRow extends Shortcuts {
  studio_id: string;
  user_id: string;
}

export interface LinkRow extends OfStudio {
  client_id: string;
  token_hash: string;
  greeting: string;
  expires_at: Date;
  opened_at: Date | null;
  ended_at: Date | null;
}

export interface LinkLookRow {
  studio_id: string;
  link_id: string;
  look_id: string;
  place: number;
  answer: LinkAnswer | null;
  words: string;
  answered_at: Date | null;
}

export interface OutboxRow {
  studio_id: string;
  link_id: string;
  recipient: string;
  subject: string;
  body: string;
  path: string;
}

export interface ErasureRow extends OfStudio {
  name: string;
  made_at: Date;
  made_by: string | null;
  until: Date;
  gone_at: Date | null;
  undone_at: Date | null;
  counts: ClientCounts;
  sealed: object | null;
}

export interface ErasedPhotoRow {
  studio_id: string;
  erasure_id: string;
  piece_id: string;
  stamp: string;
  picture: Buffer;
}
