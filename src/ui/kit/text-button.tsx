import type { ComponentProps } from "react";

/** A button that reads like a link within a line. */
export function TextButton({ className = "", type = "button", ...rest }: ComponentProps<"button">) {
  return (
    <button
      type={type}
      className={`underline decoration-rule-strong underline-offset-2 hover:decoration-ink ${className}`}
      {...rest}
    />
  );
}
