import { v7 as uuid } from "uuid";
import type { SetTemplate } from "@/core/sets/template";
import type { TemplateRecord } from "@/core/studio/template-record";
import type { Tenant } from "../db/tenant";
import { bringBack, putAway } from "./versioned";

/** The studio's own templates, the oldest first. */
export async function listTemplates(tenant: Tenant): Promise<TemplateRecord[]> {
  const rows = await tenant("set_templates")
    .where({ studio_id: tenant.studioId })
    .whereNull("deleted_at")
    .orderBy("id");
  return rows.map(({ id, name, level_from, level_to, for_rain, wanted, optional }) => ({
    id,
    template: { name, from: level_from, to: level_to, forRain: for_rain, wanted, optional },
  }));
}

export async function addTemplate(
  tenant: Tenant,
  template: SetTemplate,
  id: string = uuid(),
): Promise<string> {
  await tenant("set_templates").insert({
    studio_id: tenant.studioId,
    id,
    name: template.name,
    level_from: template.from,
    level_to: template.to,
    for_rain: template.forRain,
    wanted: template.wanted,
    optional: template.optional,
  });
  return id;
}

export const putTemplateAway = (tenant: Tenant, id: string) => putAway(tenant, "set_templates", id);
export const bringTemplateBack = (tenant: Tenant, id: string) => bringBack(tenant, "set_templates", id);
