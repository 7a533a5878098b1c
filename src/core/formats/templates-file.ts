import Joi from "joi";
import { template } from "../schema/template";
import type { SetTemplate } from "../sets/template";
import { parse, serialise, type FileFormat } from "./file";

const format: FileFormat = { name: "juxtane.templates", version: 1, called: "templates" };

interface TemplatesFile {
  readonly templates: readonly SetTemplate[];
}

const schema = Joi.object<TemplatesFile>({
  templates: Joi.array().items(template).max(500).required().label("Templates"),
});

/** Writes a studio's own templates as a `juxtane.templates` file, version 1. */
export function serialiseTemplates(templates: readonly SetTemplate[]): string {
  return serialise(format, { templates });
}

/** Reads a `juxtane.templates` file. @throws FormatError with one sentence that names what is wrong */
export function parseTemplates(text: string): readonly SetTemplate[] {
  return parse(format, schema, text).templates;
}
