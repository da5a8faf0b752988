import type { ComponentProps, ComponentType, ReactNode } from "react";
import { AREA_COLOURS } from "../core/draw/areaColours";
import type { DrawnPlace, DrawnTray } from "../engine/queries/drawnTrays";
import { AreaMark } from "./AreaMark";
import { Drawn } from "./Drawn";
import { Glyph } from "./Glyph";
import { Notches } from "./Notches";

/** A tray on the shelf, and what hangs on it today: the piece of the day. */
export interface TrayWithTag<Id extends string = string> extends DrawnTray<Id> {
  tag?: ReactNode;
}

export interface ShelfDrawingProps {
  label: string;
  trays: readonly TrayWithTag[];
  places: readonly DrawnPlace[];
  onSelect(trayId: string): void;
  /** How a place and a tray are drawn, where they are more than a button. */
  Slot?: ComponentType<{ place: DrawnPlace; children: ReactNode }>;
  Tray?: ComponentType<TrayProps>;
}

const PlainSlot = ({ children }: { children: ReactNode }) => <li>{children}</li>;

export interface TrayProps extends Pick<ComponentProps<"button">, "ref" | "style" | "onPointerDown"> {
  tray: TrayWithTag;
  onSelect(id: string): void;
}

/** One tray: a button that opens it. */
export function TrayOnShelf({ tray, onSelect, style, ...more }: TrayProps) {
  const colour = AREA_COLOURS[tray.area];
  return (
    <button
      type="button"
      {...more}
      data-tray={tray.id}
      className={`tray${tray.selected ? " selected" : ""}`}
      aria-pressed={tray.selected}
      onClick={() => onSelect(tray.id)}
      style={{ "--area": colour, ...style }}
    >
      {tray.front ? <Drawn drawing={tray.front} /> : <Glyph name={tray.glyph} />}
      {tray.tag}
      <span className="tray-front">
        <svg
          className="tray-shape"
          width="100%"
          height="100%"
          viewBox="0 0 200 74"
          preserveAspectRatio="none"
          aria-hidden="true"
        >
          <path
            d="M1 1h198l-9 67q-1 5-6 5H16q-5 0-6-5z"
            fill="#FBF8F4"
            stroke="#16302F"
            strokeWidth="1.5"
            vectorEffect="non-scaling-stroke"
          />
          {/* Of one height, however tall the tray is drawn: the upper half of the stroke is cut off. */}
          <path d="M2 1H198" stroke={colour} strokeWidth="14" vectorEffect="non-scaling-stroke" />
        </svg>
        <span className="tray-name">
          <AreaMark area={tray.area} size={17} />
          <span>{tray.name}</span>
        </span>
        <span className="tray-foot">
          <Notches rungs={tray.rungs} rung={tray.rung} colour={colour} />
          <span className="tray-word">
            {tray.pinned ? "locked · " : ""}
            {tray.childName ? `${tray.childName} · ` : ""}
            {tray.word}
          </span>
        </span>
      </span>
    </button>
  );
}

const Empty = ({ text, name }: { text: string; name: string }) => (
  <div className="tray-empty">
    <strong className="block">{name}</strong>
    <span>{text}</span>
  </div>
);

/** What comes to the same place at other hours and on other days. */
const Later = ({ trays, onSelect }: Pick<ShelfDrawingProps, "trays" | "onSelect">) =>
  trays.length === 0 ? null : (
    <ul className="bare tray-later" aria-label="Comes here as well">
      {trays.map((tray) => (
        <li key={tray.id}>
          <button
            type="button"
            data-tray={tray.id}
            aria-pressed={tray.selected}
            onClick={() => onSelect(tray.id)}
          >
            <AreaMark area={tray.area} size={13} />
            <span>{tray.name}</span>
            {tray.tag}
            <small className="push nowrap">
              {tray.pinned ? "locked · " : ""}
              {tray.word}
            </small>
          </button>
        </li>
      ))}
    </ul>
  );

/** Three of them side by side. */
const MANY = { "--least": "30%" };

/** So many bays stand side by side on a page; of more, three do. */
const IN_A_ROW = 5;

/** The shelf as it stands: boards with trays, and the places beside it. */
export function ShelfDrawing(props: ShelfDrawingProps) {
  const { label, trays, places, onSelect, Slot = PlainSlot, Tray = TrayOnShelf } = props;
  const boards = [
    ...new Set(places.flatMap((place) => (place.board === undefined ? [] : [place.board]))),
  ].sort((a, b) => a - b);
  const beside = places.filter((place) => place.board === undefined);
  const shown = (place: DrawnPlace): ReactNode => {
    const [tray, ...later] = trays.filter((one) => one.place === place.id);
    return (
      <Slot key={place.id} place={place}>
        {tray ? <Tray tray={tray} onSelect={onSelect} /> : <Empty name="Empty" text={place.emptyText} />}
        <Later trays={later} onSelect={onSelect} />
        {place.board === undefined && <small className="place-name">{place.name}</small>}
      </Slot>
    );
  };
  return (
    <section className="shelf" aria-label={label}>
      {boards.length > 0 && (
        <div className="shelf-frame">
          {boards.map((board) => {
            const bays = places.filter((place) => place.board === board);
            return (
              <ul
                className="board"
                style={bays.length > IN_A_ROW ? MANY : undefined}
                key={board}
                aria-label={`Board ${board + 1}`}
              >
                {bays.map(shown)}
              </ul>
            );
          })}
        </div>
      )}
      {beside.length > 0 && (
        <ul className="beside" aria-label="Places beside the shelf">
          {beside.map(shown)}
        </ul>
      )}
    </section>
  );
}
