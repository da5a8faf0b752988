import { useDraggable, useDroppable } from "@dnd-kit/core";
import type { ReactNode } from "react";
import type { DrawnPlace } from "../engine/queries/drawnTrays";
import { Dragging, draggedTo } from "./Dragging";
import { ShelfDrawing, type ShelfDrawingProps, TrayOnShelf, type TrayProps } from "./ShelfDrawing";

function DroppableSlot({ place, children }: { place: DrawnPlace; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: place.id });
  return (
    <li ref={setNodeRef} className={isOver ? "over" : ""}>
      {children}
    </li>
  );
}

function DraggableTray({ tray, onSelect }: TrayProps) {
  const { setNodeRef, listeners, transform } = useDraggable({ id: tray.id });
  const style = draggedTo(transform);
  return <TrayOnShelf tray={tray} onSelect={onSelect} ref={setNodeRef} style={style} {...listeners} />;
}

/** The shelf with trays that can be dragged to another place. By keys it goes from the opened tray. */
export function MovableShelf({
  onMove,
  ...shelf
}: ShelfDrawingProps & { onMove(tray: string, place: string): void }) {
  return (
    <Dragging onDrop={onMove}>
      <ShelfDrawing {...shelf} Slot={DroppableSlot} Tray={DraggableTray} />
    </Dragging>
  );
}
