"use client";

import "./globals.css";
import Trouble from "./(studio)/error";

export default function GlobalTrouble({ reset }: { readonly reset: () => void }) {
  return (
    <html lang="en">
      <body>
        <Trouble reset={reset} />
      </body>
    </html>
  );
}
