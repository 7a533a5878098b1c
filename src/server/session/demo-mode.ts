import "server-only";

interface DemoSignIn {
  readonly email: string;
  readonly password: string;
}

/** The demo's sign-in, when the server was started as the demo; null everywhere else. */
export function demoMode(): DemoSignIn | null {
  const given = process.env.JUXTANE_DEMO_SIGN_IN;
  return given ? (JSON.parse(given) as DemoSignIn) : null;
}
