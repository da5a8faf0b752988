import { expect, it } from "vitest";
import type { Fit, Material } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { meetingsHere, type SetOut } from ".";

const thing = (need: string, id: string, quantity: number, measured?: Material["piece"]): SetOut => {
  const material = FIXTURE.materials.find((one) => one.id === id);
  if (!material) throw new Error(`no material ${id}`);
  return { need: anId(need), quantity, material: measured ? { ...material, piece: measured } : material };
};
const discs = { how: "through", a: "discs", b: "box" } as Fit;

it("tells how the things meet with the sizes that they have here", () => {
  const box = thing("box", "box-slot", 1);
  const [usual] = meetingsHere({ fits: [discs] }, [thing("discs", "card-disc", 6), box]);
  expect(usual?.meeting).toEqual({ ok: true, playMm: 10 });
  const thick = thing("discs", "card-disc", 6, { shape: "disc", mm: [60, 13] });
  const [tight] = meetingsHere({ fits: [discs] }, [thick, box]);
  expect(tight).toMatchObject({ how: "through", a: { need: "discs" }, b: { need: "box" } });
  expect(tight?.meeting.playMm).toBe(
    (usual?.meeting.playMm ?? 0) - (13 - (usual?.a.material.piece?.mm[1] ?? 0)),
  );
});

it("says nothing of what is not set out, or has no size", () => {
  expect(meetingsHere({ fits: [discs] }, [thing("discs", "card-disc", 6)])).toEqual([]);
  const unknown = { ...thing("box", "box-slot", 1) };
  unknown.material = { ...unknown.material, openingMm: undefined };
  expect(meetingsHere({ fits: [discs] }, [thing("discs", "card-disc", 6), unknown])).toEqual([]);
});
