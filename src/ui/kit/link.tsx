import NextLink from "next/link";
import type { ComponentProps } from "react";
import type { Route } from "next";

type LinkProps<R extends string> = Omit<ComponentProps<typeof NextLink>, "href" | "prefetch"> & {
  readonly href: Route<R>;
};

/**
 * A link to another place. It is asked for when it is pressed: every place is the studio's own and laid out at each
 * request, so that what a page could fetch of it before saves the press nothing, and costs the server two requests for
 * every link in sight.
 */
export function Link<R extends string>(props: LinkProps<R>) {
  return <NextLink {...props} prefetch={false} />;
}
