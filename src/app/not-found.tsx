import { ButtonLink } from "@/ui/kit/button";
import { Empty, Page } from "@/ui/kit/page";
import { shellWords } from "@/words/shell";

export default function NotFound() {
  return (
    <Page title={shellWords.notOnRecord}>
      <Empty say={shellWords.nothingUnderThatAddress}>
        <ButtonLink look="strong" href="/">
          {shellWords.goToToday}
        </ButtonLink>
      </Empty>
    </Page>
  );
}
