import "@fontsource-variable/newsreader/wght.css";
import "@fontsource-variable/public-sans/wght.css";
import type { Metadata } from "next";
import type { ReactNode } from "react";
import "./globals.css";

export const metadata: Metadata = {
  title: { default: "Juxtane", template: "%s - Juxtane" },
  description: "Pair accessories with outfits by measured figures.",
};

// Every page carries its own nonce, so none can be made ahead of the request.
export const dynamic = "force-dynamic";

export default function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en">
      <body>{children}</body>
    </html>
  );
}
