"use client";

import "./globals.css";
import Trouble from "./(studio)/error";

export default function GlobalTrouble() {
  return (
    <html lang="en">
      <body>
        <Trouble />
      </body>
    </html>
  );
}
