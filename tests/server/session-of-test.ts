interface Member {
  readonly studioId: string;
  readonly userId: string;
}

/** The session that the actions find in this file of tests, in place of a cookie's; without a studio it is nobody's. */
export const signedIn = { studioId: "", userId: "", sessionId: "" };

/** Signs somebody in, in place of whoever is. */
export function as({ studioId, userId, sessionId }: Member & { readonly sessionId: string }): void {
  Object.assign(signedIn, { studioId, userId, sessionId });
}

/** For whom sessions were opened, in their order. */
export const opened: Member[] = [];

export const sealedSession = () => Promise.resolve(signedIn.studioId === "" ? null : { ...signedIn });

export const openSession = (member: Member) => {
  opened.push(member);
  return Promise.resolve();
};

export const closeSession = () => Promise.resolve();
