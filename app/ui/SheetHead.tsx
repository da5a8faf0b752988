import { Link } from "react-router";

/** One function for all headings, so that React calls it when one appears and not at every drawing. */
const focusWhenShown = (heading: HTMLHeadingElement | null) => heading?.focus();

/** The head of a tray's sheet: it takes the focus when the sheet opens, so that keys and readers go on from there. */
export function SheetHead({ title, closeTo }: { title: string; closeTo: string }) {
  return (
    <div className="row one-line at-top links">
      <h2
        className="grow flat"
        tabIndex={-1}
        ref={focusWhenShown}
        style={{ outline: "none", boxShadow: "none" }}
      >
        {title}
      </h2>
      <Link to={closeTo} aria-label="Close this tray">
        Close
      </Link>
    </div>
  );
}
