"use client";

import { Button } from "@/ui/kit/button";
import { Empty, Page } from "@/ui/kit/page";

export default function Trouble() {
  return (
    <Page title="This page could not be laid out">
      <Empty say="The studio's records do not answer just now. Whatever was kept is safe, and what you were doing on the bench waits in this browser.">
        <Button look="strong" onClick={() => location.reload()}>
          Try again
        </Button>
      </Empty>
    </Page>
  );
}
