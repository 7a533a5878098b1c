import type { Route } from "next";
import { Link } from "./link";
import type { ComponentProps } from "react";

const looks = {
  strong: "bg-ink text-paper hover:bg-[#3a3a3a]",
  plain: "border border-rule-strong bg-paper text-ink hover:bg-well",
  quiet: "text-ink underline decoration-rule-strong underline-offset-4 hover:decoration-ink",
} as const;

const sizes = {
  tiny: "h-6 px-2 text-tiny",
  small: "h-8 px-2.5 text-small",
  normal: "h-9 px-3.5 text-small",
  touch: "h-11 px-4 text-body",
} as const;

interface Dress {
  readonly look?: keyof typeof looks | undefined;
  readonly size?: keyof typeof sizes | undefined;
}

function classOf({ look = "plain", size = "normal" }: Dress, extra?: string): string {
  return `inline-flex items-center justify-center gap-1.5 touch:min-h-11 touch:min-w-11 whitespace-nowrap rounded-[2px] font-medium disabled:cursor-default disabled:opacity-45 ${looks[look]} ${sizes[size]} ${extra ?? ""}`;
}

/** A button; its label is a verb. */
export function Button({
  look,
  size,
  className,
  type = "button",
  ...rest
}: ComponentProps<"button"> & Dress) {
  return <button type={type} className={classOf({ look, size }, className)} {...rest} />;
}

/** A link that looks like a button. */
export function ButtonLink<R extends string>({
  look,
  size,
  className,
  ...rest
}: Omit<ComponentProps<typeof Link>, "href"> & { readonly href: Route<R> } & Dress) {
  return <Link className={classOf({ look, size }, className)} {...rest} />;
}
