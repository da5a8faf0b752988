import type { ElementHandle, Page } from "@playwright/test";
import { randomFrom } from "../app/core/random";
import { goToScreen } from "./support";
import { type Control, elementOf, type Survey, type SurveyInput, survey } from "./walkerSurvey";

/** A fault that the walker met, and the last acts that led there. */
export interface WalkFault {
  what: string;
  trail: readonly string[];
}

export interface WalkOptions {
  /** The address of the screen that is walked. */
  screen: string;
  /** The id of the tray that screens about one tray are opened with. */
  tray: string;
  acts: number;
  /** The day of the walk; most dates that are typed lie within the five years before. */
  today: Date;
  seed: number;
  /** Opens a screen that the acts can lead out of for good, as it was at first; other screens are opened by address. */
  restore?(): Promise<void>;
}

/** Acts elsewhere before the walker returns to its own screen. */
const MAX_ACTS_AWAY = 3;
const PLAUSIBLE = 0.5;
const RELOADS = 0.006;
const BACKS = 0.02;
const ESCAPES = 0.03;
const TRAIL = 12;
/** Fields with nothing in them are filled before other things are done, and links are followed seldom. */
const EMPTY_FIRST = -1000;
const MAX_FILLS = 2;
/** A list to choose from is opened before buttons are pressed: each of its options may lead elsewhere. */
const CHOICES_FIRST = -500;
const LINKS_LATER = 15;
/** A page that is at work for longer is acted on all the same: tired people do not wait. */
const BUSY_MS = 40;
/** Nothing to use for longer than this is a dead end. */
const BARE_MS = 15_000;

const WORDS = [
  ...["Ida", "Bo", "fine motor", "wooden balls 2 cm", "milk, nuts", "12", "0", "-3", "4.5", "99999999999"],
  ...["", " ", "<b>bold</b>", "=1+1", "2025-02-30", "Ærø 🙂 ñ", "constructor", "x".repeat(300), "1e9", "\\"],
];
const NUMBERS = ["1", "3", "12", "0", "-3", "0.5", "99999", ""];
const TIMES = ["08:30", "23:59", "00:00", ""];
/** Files that are none of ours. */
const FILES = [
  { name: "notes.json", mimeType: "application/json", buffer: Buffer.from('{"format":"something else"}') },
  { name: "empty.csv", mimeType: "text/csv", buffer: Buffer.from("") },
  { name: "picture.png", mimeType: "image/png", buffer: Buffer.from([137, 80, 78, 71, 13, 10, 26, 10, 0]) },
];

/** Most dates lie within five years before the day of the walk; a few are odd. */
function dateFrom(random: () => number, today: number): string {
  const share = random();
  if (share < 0.06) return "";
  if (share < 0.12) return "1899-12-31";
  if (share < 0.18) return "2031-01-01";
  return new Date(today - random() * 1800 * 86_400_000).toISOString().slice(0, 10);
}

/**
 * Walks one screen with a fixed seed: presses controls, chooses options, types plausible and odd values, goes back and
 * reloads. Controls that were used least come first. Returns the faults it met: error pages, errors of the page and the
 * console, raw messages of libraries, and dead ends.
 */
export async function walk(page: Page, options: WalkOptions): Promise<WalkFault[]> {
  const walker = new Walker(page, options);
  return walker.run();
}

class Walker {
  readonly faults: WalkFault[] = [];
  private readonly trail: string[] = [];
  private readonly random: () => number;
  private readonly uses = new Map<string, number>();
  private readonly page: Page;
  private readonly options: WalkOptions;
  private away = 0;
  /** Fields that were typed into since the screen was opened. */
  private readonly filled = new Map<string, number>();
  /** A control that is to be pressed with the next survey, or a field that is to be typed into. */
  private pressed?: number;
  private typed?: SurveyInput["type"];

  constructor(page: Page, options: WalkOptions) {
    this.page = page;
    this.options = options;
    this.random = randomFrom(options.seed);
  }

  async run(): Promise<WalkFault[]> {
    const { page, options } = this;
    page.on("pageerror", (error) => this.found(`an uncaught error: ${error.message}`));
    page.on("console", (message) => {
      if (message.type() === "error") this.found(`an error in the console: ${message.text()}`);
    });
    page.on("dialog", (dialog) => void dialog.dismiss());
    await this.open();
    let seen = await this.survey();
    for (let act = 0; act < options.acts; act++) {
      this.judge(seen);
      if (seen.isFailed || seen.controls.length === 0) await this.open();
      else if (new URL(seen.url).pathname !== new URL(options.screen, seen.url).pathname)
        await this.stray(seen);
      else {
        this.away = 0;
        await this.act(seen);
      }
      seen = await this.survey({ press: this.pressed, type: this.typed });
      this.pressed = undefined;
      this.typed = undefined;
    }
    this.judge(seen);
    return this.faults;
  }

  private found(what: string) {
    // One fault met again and again is told once.
    if (!this.faults.some((one) => one.what === what)) this.faults.push({ what, trail: [...this.trail] });
  }

  private judge(seen: Survey) {
    for (const fault of seen.faults) this.found(`${fault} (${new URL(seen.url).pathname})`);
  }

  private note(what: string) {
    this.trail.push(what);
    if (this.trail.length > TRAIL) this.trail.shift();
  }

  private async open() {
    this.away = 0;
    this.filled.clear();
    await this.options.restore?.();
    this.note(`open ${this.options.screen}`);
    if (this.options.restore) return;
    await goToScreen(this.page, this.options.screen, this.options.tray).catch(async () => {
      await this.page.goto(this.options.screen);
    });
  }

  /** On another screen: a few acts there, then back to its own. */
  private async stray(seen: Survey) {
    this.away++;
    if (this.away > MAX_ACTS_AWAY) await this.open();
    else await this.act(seen);
  }

  private async survey(act: Pick<SurveyInput, "press" | "type"> = {}): Promise<Survey> {
    let asked = act;
    for (;;) {
      // A page that is loaded anew in the middle of it is asked again.
      const seen = await this.page
        .evaluate(survey, { ...asked, busyMs: BUSY_MS, bareMs: BARE_MS })
        .catch(() => undefined);
      if (seen) return JSON.parse(seen) as Survey;
      asked = {};
      await this.page.waitForLoadState("domcontentloaded").catch(() => undefined);
    }
  }

  private async act(seen: Survey) {
    const { page } = this;
    const share = this.random();
    if (share < RELOADS) {
      this.note("reload");
      await page.reload();
    } else if (share < RELOADS + BACKS) {
      this.note("go back");
      await page.goBack({ waitUntil: "domcontentloaded" }).catch(() => undefined);
      if (!page.url().startsWith("http")) await this.open();
    } else if (share < RELOADS + BACKS + ESCAPES) {
      this.note("press Escape");
      await page.keyboard.press("Escape");
    } else await this.use(this.choose(seen.controls));
  }

  /** The control that was used least, of the kind that was used least; among equals by chance. */
  private choose(controls: readonly Control[]): Control {
    const options = controls.filter((one) => one.kind === "option");
    const among = options.length > 0 ? options : controls;
    const score = (one: Control) =>
      (this.uses.get(one.key) ?? 0) * 3 +
      (this.uses.get(one.group) ?? 0) +
      this.random() +
      (one.isEmpty && (this.filled.get(one.key) ?? 0) < MAX_FILLS ? EMPTY_FIRST : 0) +
      (one.isLink ? LINKS_LATER : 0) +
      (one.kind === "combobox" && (this.uses.get(one.key) ?? 0) < MAX_FILLS ? CHOICES_FIRST : 0);
    const ranked = among
      .map((control) => ({ control, score: score(control) }))
      .sort((a, b) => a.score - b.score);
    const control = ranked[0]?.control;
    if (!control) throw new Error("There is no control to choose from.");
    return control;
  }

  private async use(control: Control) {
    if (control.kind === "press") {
      this.note(`press ${control.key}`);
      this.pressed = control.index;
    }
    for (const key of [control.key, control.group]) this.uses.set(key, (this.uses.get(key) ?? 0) + 1);
    if (control.kind === "press" || this.type(control)) return;
    const handle = await this.page.evaluateHandle(elementOf, control.index);
    const element = handle.asElement() as ElementHandle<HTMLElement> | null;
    if (!element) return;
    try {
      await this.handle(control, element);
    } catch (error) {
      // A control that went away or was covered meanwhile is none to use; all else is a fault of the walker itself.
      if (
        !/not attached|detached|Timeout|not visible|Execution context|Cannot type|not an <input>|readonly|not enabled/i.test(
          String(error),
        )
      )
        throw error;
    }
    await handle.dispose().catch(() => undefined);
  }

  private pick<T>(from: readonly T[]): T {
    return from[Math.floor(this.random() * from.length)] as T;
  }

  /** A plausible or odd value for a field that is typed into; undefined for other controls. */
  private valueFor(kind: Control["kind"]): string | undefined {
    if (kind === "date") return dateFrom(this.random, this.options.today.getTime());
    if (kind === "time") return this.pick(TIMES);
    if (kind === "number") return this.pick(NUMBERS);
    if (kind === "text") return this.random() < PLAUSIBLE ? "Ida" : this.pick(WORDS);
    return undefined;
  }

  /** Types into a field with the next survey; false for a control that is not typed into. */
  private type({ kind, key, index }: Control): boolean {
    const value = this.valueFor(kind);
    if (value === undefined) return false;
    this.filled.set(key, (this.filled.get(key) ?? 0) + 1);
    this.note(`type "${value.slice(0, 20)}" into ${key}`);
    const after = this.random();
    this.typed = { index, value, ...(after < 0.5 ? { key: after < 0.25 ? "Enter" : "Tab" } : {}) };
    return true;
  }

  private async handle({ kind, key }: Control, element: ElementHandle<HTMLElement>) {
    if (kind === "file") {
      this.note(`choose a file for ${key}`);
      return element.setInputFiles(this.pick(FILES));
    }
    if (kind === "slider") {
      const pressed = this.pick(["ArrowRight", "ArrowLeft", "Home", "End", "PageUp"]);
      this.note(`press ${pressed} on ${key}`);
      await element.focus();
      return this.page.keyboard.press(pressed);
    }
    if (kind === "combobox") {
      this.note(`open ${key}`);
      await element.focus();
      await this.page.keyboard.press("ArrowDown");
      if (this.random() < 0.1) await this.page.keyboard.insertText(this.pick(WORDS));
      return;
    }
    this.note(`choose ${key}`);
    const at = await element.evaluate((node) => {
      node.scrollIntoView({ block: "center", inline: "center", behavior: "instant" });
      const { x, y, width, height } = node.getBoundingClientRect();
      return { x: x + width / 2, y: y + height / 2 };
    });
    await this.page.mouse.click(at.x, at.y);
    // A list of which several can be chosen stays open.
    await this.page.keyboard.press("Escape");
  }
}

export const toldFaults = (faults: readonly WalkFault[]) =>
  faults.map(({ what, trail }) => `${what}\n    after: ${trail.join(" → ")}`);
