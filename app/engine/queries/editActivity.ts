import { z } from "zod";
import { loadGuide } from "../../catalogue";
import { type Draft, emptyDraft } from "../../core/content";
import { activityOf } from "../../core/model";
import { maybeText } from "./parameters";
import { query } from "./query";

const Parameters = z.object({
  /** The activity of our own that is changed. */
  edit: maybeText,
  /** The activity that is copied. */
  from: maybeText,
});

/** Begins an activity from nothing, from a copy, or with one of our own that is changed. */
export const editActivity = query(Parameters, async ({ catalogue, tables, which }, { edit: id, from }) => {
  const edit = tables.ownActivities.find((one) => one.id === id);
  const source = edit ?? activityOf(catalogue, from ?? "");
  const draft: Draft = source
    ? {
        ...structuredClone(source),
        guide: await loadGuide(source),
        name: edit ? source.name : `Our ${source.name[0]?.toLowerCase()}${source.name.slice(1)}`,
      }
    : emptyDraft();
  const notDangers = edit?.notDangers.map((one) => one.danger) ?? [];
  return { draft, which, edit: edit?.id, from: source?.id ?? "", catalogue, notDangers };
});
