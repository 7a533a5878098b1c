import type { SetTemplate } from "../sets/template";

/** A template as the studio keeps it. */
export interface TemplateRecord {
  readonly id: string;
  readonly template: SetTemplate;
}
