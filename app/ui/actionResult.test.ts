import { describe, expect, it } from "vitest";
import { actionResult, atWork } from "./actionResult";

const fault = { path: "mm", message: "Sizes are above 0 mm." };

describe("what a form gets to hear", () => {
  it("is as it was made where all went well", () => {
    const answer = { problems: [], saved: "note" };
    expect(actionResult(answer)).toBe(answer);
  });

  it("bears, with faults, the status after which nothing is read again", () => {
    expect(actionResult({ problems: [fault] })).toMatchObject({
      data: { problems: [fault] },
      init: { status: 422 },
    });
  });

  it.each([
    ["idle", undefined, false],
    ["submitting", undefined, true],
    ["submitting", { problems: [fault] }, true],
    ["loading", { problems: [] }, true],
    ["loading", undefined, true],
    ["loading", { problems: [fault] }, false],
  ])("leaves its button %s after %j: busy %s", (state, data, busy) => {
    expect(atWork({ state, data })).toBe(busy);
  });
});
