import { data } from "react-router";
import type { Issue } from "../core/model";
import { tellUnkept } from "../engine/store/unkept";
import { actionResult } from "../ui/actionResult";
import { unkeptText } from "../words/storage";

/**
 * What a form gets to hear of its action. Where the browser could not keep it, that is a fault like any other, so that what
 * was typed stays where it is; and the page is told, for those who sent it without waiting for an answer.
 */
export async function answered<T extends { issues: readonly Pick<Issue, "path" | "message">[] }>(
  acting: Promise<T>,
) {
  try {
    const answer = await acting;
    if (answer.issues.length === 0) tellUnkept(undefined);
    return actionResult(answer);
  } catch (error) {
    const message = unkeptText(error);
    // One that was kept may lead on to another page.
    if (error instanceof Response) tellUnkept(undefined);
    if (message === undefined) throw error;
    tellUnkept(message);
    return data({ issues: [{ code: "not-kept", path: "", message }] }, { status: 507 });
  }
}
