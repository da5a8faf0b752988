/** One thing on the page that can be used. */
export interface Control {
  /** Its place in the list that the page holds of them until the next survey. */
  index: number;
  kind: "press" | "option" | "text" | "number" | "date" | "time" | "file" | "slider" | "combobox";
  /** Its kind and name. */
  key: string;
  /** Controls of one form, as the rows of a table have them. */
  group: string;
  /** A field with nothing in it. */
  isEmpty: boolean;
  /** Leads to another screen. */
  isLink: boolean;
}

/** The sight that the walker has of a page at one moment. */
export interface Survey {
  url: string;
  isFailed: boolean;
  faults: string[];
  controls: Control[];
}

/** The acts that are done before the survey. */
export interface SurveyInput {
  /** A control to press. */
  press?: number;
  /** A field to type into, what, and a key after it. */
  type?: { index: number; value: string; key?: string };
  /** How long the page may be at work before it is surveyed all the same: people do not wait either. */
  busyMs: number;
  /** How long there may be nothing on it that can be used. */
  bareMs: number;
}

/**
 * Runs in the page, in one go because each call from outside takes its time: presses a control if asked to, waits until the
 * page is at rest, and tells what can be used on it and what is wrong with it, a `Survey` as JSON (one text crosses over faster than
 * a thousand values). Everything it needs stands inside it.
 */
export async function survey({ press, type, busyMs, bareMs }: SurveyInput): Promise<string> {
  /** Messages of libraries and languages, which no user can do anything with. */
  const RAW =
    /"code":\s*"|invalid_(type|union|value|format|string)|too_(small|big)"|Invalid input|unrecognized_keys|ZodError|TypeError|ReferenceError|RangeError|DexieError|ConstraintError|DataError|InvalidStateError|Cannot read propert|is not a function|is not iterable|\[object Object\]|\bundefined\b|\bNaN\b|Expected .{1,30}, received|expected (string|number|array|object)\b|Minified React error/;
  const SELECTOR =
    "a[href], button, input, textarea, summary, [role=tab], [role=button], [role=slider], [role=switch], [role=menuitem], .ant-select-item-option, .ant-segmented-item, .ant-collapse-header";
  const held = window as unknown as {
    walkerControls: Element[];
    __reactRouterDataRouter?: { state: { navigation: { state: string } } };
  };
  const frame = () => new Promise((done) => setTimeout(done, 8));
  const isBusy = () =>
    (held.__reactRouterDataRouter?.state.navigation.state ?? "idle") !== "idle" ||
    document.querySelector(".ant-btn-loading, button[aria-busy=true], .page.busy") !== null;
  const isBare = () =>
    ![...document.querySelectorAll("a[href], button")].some(
      (one) => one.checkVisibility() && !one.closest("[inert], [aria-hidden=true]"),
    );
  if (press !== undefined) {
    const pressed = held.walkerControls[press];
    pressed?.scrollIntoView({ block: "center", inline: "center", behavior: "instant" });
    const { x, y, width, height } = pressed?.getBoundingClientRect() ?? new DOMRect();
    const onTop = document.elementFromPoint(x + width / 2, y + height / 2);
    // A control under something else is pressed by nobody.
    const target = onTop && (pressed?.contains(onTop) || onTop.contains(pressed ?? null)) ? pressed : onTop;
    if (target instanceof HTMLElement) {
      (target.closest<HTMLElement>("a, button, input, [tabindex]") ?? target).focus({ preventScroll: true });
      for (const type of ["pointerdown", "mousedown", "pointerup", "mouseup"])
        target.dispatchEvent(
          new (type.startsWith("p") ? PointerEvent : MouseEvent)(type, { bubbles: true, cancelable: true }),
        );
      target.click();
    } else target?.dispatchEvent(new MouseEvent("click", { bubbles: true, cancelable: true }));
  }
  const field = type && held.walkerControls[type.index];
  if (type && (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement)) {
    field.scrollIntoView({ block: "center", behavior: "instant" });
    field.focus({ preventScroll: true });
    const own = field instanceof HTMLInputElement ? HTMLInputElement : HTMLTextAreaElement;
    // As typed by hand: the library hears of it by the event.
    Object.getOwnPropertyDescriptor(own.prototype, "value")?.set?.call(field, type.value);
    field.dispatchEvent(new Event("input", { bubbles: true }));
    field.dispatchEvent(new Event("change", { bubbles: true }));
    const { key } = type;
    if (key) {
      for (const name of ["keydown", "keyup"])
        field.dispatchEvent(new KeyboardEvent(name, { key, code: key, bubbles: true, cancelable: true }));
      if (key === "Enter" && field.form && field.tagName === "INPUT") field.form.requestSubmit();
      else field.blur();
    }
  }
  const began = performance.now();
  const passedMs = () => performance.now() - began;
  do await frame();
  while ((isBusy() && passedMs() < busyMs) || (isBare() && passedMs() < bareMs));
  held.walkerControls = [];
  const dialogs = [...document.querySelectorAll("[role=dialog]")].filter((one) => one.checkVisibility());
  const top = dialogs.at(-1);
  const isVisible = (one: Element) =>
    one.checkVisibility({ checkOpacity: false, checkVisibilityCSS: true }) && one.getClientRects().length > 0;
  const nameOf = (one: Element) => {
    const labels = (one as HTMLInputElement).labels;
    const said =
      one.getAttribute("aria-label") ||
      labels?.[0]?.textContent ||
      one.textContent ||
      one.getAttribute("title") ||
      "";
    return said.replace(/\s+/g, " ").trim().slice(0, 60);
  };
  const kindOf = (one: Element): Control["kind"] => {
    if (one.classList.contains("ant-select-item-option")) return "option";
    if (one.getAttribute("role") === "combobox") return "combobox";
    if (one.getAttribute("role") === "slider") return "slider";
    if (one.tagName === "TEXTAREA") return "text";
    if (one.tagName !== "INPUT") return "press";
    const type = (one as HTMLInputElement).type;
    if (one.getAttribute("role") === "spinbutton" || type === "number") return "number";
    if (type === "date" || type === "time" || type === "file") return type;
    return ["checkbox", "radio", "submit", "button"].includes(type) ? "press" : "text";
  };
  const groupOf = (one: Element) => {
    const path: string[] = [];
    for (let at: Element | null = one; at && path.length < 4; at = at.parentElement)
      path.unshift(`${at.tagName}.${[...at.classList].slice(0, 2).join(".")}`);
    return path.join(">").replace(/\d+/g, "#");
  };
  const chooser = [...document.querySelectorAll(".ant-select-open")].map(
    (one) => one.querySelector("[role=combobox]") ?? one,
  )[0];
  const controls: Control[] = [];
  for (const one of document.querySelectorAll(SELECTOR)) {
    const isInFront =
      !top ||
      top.contains(one) ||
      one.closest(".ant-select-dropdown, .ant-popover, .ant-picker-dropdown, .ant-message") !== null;
    if (!isInFront || !isVisible(one) || one.closest("[inert], [aria-hidden=true]:not(input)")) continue;
    if ((one as HTMLButtonElement).disabled || one.getAttribute("aria-disabled") === "true") continue;
    if (one instanceof HTMLAnchorElement && (one.origin !== location.origin || one.target === "_blank"))
      continue;
    const kind = kindOf(one);
    const name = `${kind === "option" && chooser ? `${nameOf(chooser)} = ` : ""}${nameOf(one)}`;
    held.walkerControls.push(one);
    controls.push({
      index: held.walkerControls.length - 1,
      kind,
      key: `${kind} ${name}`,
      isEmpty: ["text", "date", "time", "number"].includes(kind) && (one as HTMLInputElement).value === "",
      isLink: one instanceof HTMLAnchorElement && one.pathname !== location.pathname,
      group: kind === "option" ? `option of ${chooser ? nameOf(chooser) : ""}` : groupOf(one),
    });
  }
  const text = [...document.body.children]
    .filter((one) => !["SCRIPT", "STYLE", "TEMPLATE"].includes(one.tagName))
    .map((one) => one.textContent)
    .join(" ");
  const isFailed = document.querySelector("[data-failed]") !== null || /Orto could not begin/.test(text);
  const faults: string[] = [];
  if (isFailed) faults.push(`an error page: ${text.replace(/\s+/g, " ").slice(0, 300)}`);
  const raw = RAW.exec(text);
  if (raw)
    faults.push(
      `a raw message: …${text.slice(Math.max(0, raw.index - 60), raw.index + 100).replace(/\s+/g, " ")}…`,
    );
  if (controls.length === 0) faults.push("a dead end: nothing on the page can be used");
  const seen: Survey = { url: location.href, isFailed, faults, controls };
  return JSON.stringify(seen);
}

/** Runs in the page: the element of a control of the last survey. */
export const elementOf = (index: number): Element | undefined =>
  (window as unknown as { walkerControls: Element[] }).walkerControls[index];
