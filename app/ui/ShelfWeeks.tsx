import { useDraggable, useDroppable } from "@dnd-kit/core";
import { AREA_COLOURS } from "../core/draw/areaColours";
import type { DrawnPlace, DrawnTray } from "../engine/queries/drawnTrays";
import { AreaMark } from "./AreaMark";
import { Dragging, draggedTo } from "./Dragging";
import { Notches } from "./Notches";

/** One rotation of several, drawn as a narrow shelf. */
export interface DrawnWeek {
  id: string;
  label: string;
  title: string;
  /** A line under the title: what it asks of the adult. */
  sums: string;
  trays: readonly DrawnTray[];
  places: readonly DrawnPlace[];
}

export interface ShelfWeeksProps {
  weeks: readonly DrawnWeek[];
  onSelect(trayId: string): void;
  /** A tray was put elsewhere by hand; absent where nothing can be moved. */
  onMove?: ((trayId: string, weekId: string, placeId: string) => void) | undefined;
}

/** Over what it is drawn across. */
const LIFTED = { position: "relative", boxShadow: "0 6px 14px rgb(22 48 47 / 30%)" } as const;

function SlimTray({
  tray,
  movable,
  onSelect,
}: {
  tray: DrawnTray;
  movable: boolean;
  onSelect(id: string): void;
}) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id: tray.id, disabled: !movable });
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...listeners}
      className={`slim-tray${tray.selected ? " selected" : ""}`}
      aria-pressed={tray.selected}
      onClick={() => onSelect(tray.id)}
      style={{
        "--area": AREA_COLOURS[tray.area],
        ...draggedTo(transform),
        ...(isDragging ? LIFTED : {}),
      }}
    >
      <span className="tray-name">
        <AreaMark area={tray.area} size={16} />
        <span>{tray.name}</span>
      </span>
      <span className="tray-foot">
        <Notches rungs={tray.rungs} rung={tray.rung} colour={AREA_COLOURS[tray.area]} />
        <span>
          {tray.pinned ? "locked · " : ""}
          {tray.childName ? `${tray.childName} · ` : ""}
          {tray.word}
        </span>
      </span>
    </button>
  );
}

function Cell({
  week,
  place,
  movable,
  onSelect,
}: {
  week: DrawnWeek;
  place: DrawnPlace;
  movable: boolean;
  onSelect(id: string): void;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: `${week.id} ${place.id}` });
  const trays = week.trays.filter((one) => one.place === place.id);
  return (
    <li ref={setNodeRef} className={isOver ? "over" : ""}>
      {place.board === undefined && <span className="quiet block">{place.name}</span>}
      {trays.map((tray) => (
        <SlimTray key={tray.id} tray={tray} movable={movable} onSelect={onSelect} />
      ))}
      {trays.length === 0 && (
        <span className="slim-empty" title={place.emptyText}>
          Empty: {place.emptyText}
        </span>
      )}
    </li>
  );
}

function Column({
  week,
  movable,
  onSelect,
}: {
  week: DrawnWeek;
  movable: boolean;
  onSelect(id: string): void;
}) {
  const boards = [...new Set(week.places.map((place) => place.board))];
  return (
    <section aria-label={week.label}>
      <h2>{week.title}</h2>
      <small className="gap">{week.sums}</small>
      {boards.map((board) => (
        <ul
          key={board ?? "beside"}
          className={board === undefined ? "bare slim-beside" : "bare slim-board"}
          aria-label={board === undefined ? "Places beside the shelf" : `Board ${board + 1}`}
        >
          {week.places
            .filter((place) => place.board === board)
            .map((place) => (
              <Cell key={place.id} week={week} place={place} movable={movable} onSelect={onSelect} />
            ))}
        </ul>
      ))}
    </section>
  );
}

/** Rotations side by side, each as a narrow shelf; trays can be dragged between places and rotations. */
export function ShelfWeeks({ weeks, onSelect, onMove }: ShelfWeeksProps) {
  const drop = (tray: string, cell: string) => {
    const [weekId, placeId] = cell.split(" ");
    if (weekId && placeId) onMove?.(tray, weekId, placeId);
  };
  return (
    <Dragging onDrop={drop}>
      <div className="slim-shelves">
        {weeks.map((week) => (
          <Column key={week.id} week={week} movable={onMove !== undefined} onSelect={onSelect} />
        ))}
      </div>
    </Dragging>
  );
}
