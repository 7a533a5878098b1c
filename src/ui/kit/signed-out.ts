import { createStore } from "zustand/vanilla";

/** Whoever waits for the session to come back: told whether it did. */
type Waiter = (signedIn: boolean) => void;

/** Those who wait; the sign-in beside the page is shown while there is somebody. */
export const signedOut = createStore<{ readonly waiting: readonly Waiter[] }>()(() => ({ waiting: [] }));

/** Asks to sign in beside the page, which stays as it is. @returns whether the same person is signed in again */
export function signInBeside(): Promise<boolean> {
  return new Promise((resolve) => signedOut.setState(({ waiting }) => ({ waiting: [...waiting, resolve] })));
}

/** Ends the waiting of everybody. */
export function settleSignIn(signedIn: boolean): void {
  const { waiting } = signedOut.getState();
  signedOut.setState({ waiting: [] });
  for (const tell of waiting) tell(signedIn);
}
