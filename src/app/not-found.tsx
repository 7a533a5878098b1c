import { ButtonLink } from "@/ui/kit/button";
import { Empty, Page } from "@/ui/kit/page";

export default function NotFound() {
  return (
    <Page title="Not on record">
      <Empty say="There is nothing of this studio under that address. It may be in the archive.">
        <ButtonLink look="strong" href="/">
          Go to Today
        </ButtonLink>
      </Empty>
    </Page>
  );
}
