import { describe, expect, it } from "vitest";
import { actionResult, atWork } from "./actionResult";

const fault = { path: "mm1", message: "Sizes are above 0 mm." };

describe("what a form gets to hear", () => {
  it("is as it was made where all went well", () => {
    const answer = { issues: [], saved: "note" };
    expect(actionResult(answer)).toBe(answer);
  });

  it("bears, with faults, the status after which nothing is read again", () => {
    expect(actionResult({ issues: [fault] })).toMatchObject({
      data: { issues: [fault] },
      init: { status: 422 },
    });
  });

  it.each([
    ["idle", undefined, false],
    ["submitting", undefined, true],
    ["submitting", { issues: [fault] }, true],
    ["loading", { issues: [] }, true],
    ["loading", undefined, true],
    ["loading", { issues: [fault] }, false],
  ])("leaves its button %s after %j: busy %s", (state, data, busy) => {
    expect(atWork({ state, data })).toBe(busy);
  });
});
