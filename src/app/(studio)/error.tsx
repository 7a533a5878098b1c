"use client";

import { Button } from "@/ui/kit/button";
import { Empty, Page } from "@/ui/kit/page";
import { shellWords } from "@/words/shell";

export default function Trouble() {
  return (
    <Page title={shellWords.thisPageCouldNotBe}>
      <Empty say={shellWords.theStudiosRecordsDoNot}>
        <Button look="strong" onClick={() => location.reload()}>
          {shellWords.tryAgain}
        </Button>
      </Empty>
    </Page>
  );
}
