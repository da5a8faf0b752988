import {
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import type { ReactNode } from "react";
import {
  type DrawnPlace,
  ShelfDrawing,
  type ShelfDrawingProps,
  TrayOnShelf,
  type TrayProps,
} from "./ShelfDrawing";

/** So far has a pointer to travel before a press becomes a drag. */
const DRAG_FROM_PX = 8;

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
  const moved = transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 5 } : {};
  return <TrayOnShelf tray={tray} onSelect={onSelect} ref={setNodeRef} style={moved} {...listeners} />;
}

/** The shelf with trays that can be dragged to another place. By keys it goes from the opened tray. */
export function MovableShelf({
  onMove,
  ...shelf
}: ShelfDrawingProps & { onMove(tray: string, place: string): void }) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }));
  const moved = ({ active, over }: DragEndEvent) => over && onMove(String(active.id), String(over.id));
  return (
    <DndContext
      sensors={sensors}
      onDragEnd={moved}
      accessibility={{ screenReaderInstructions: { draggable: "Open the tray to move it by keys." } }}
    >
      <ShelfDrawing {...shelf} Slot={DroppableSlot} Tray={DraggableTray} />
    </DndContext>
  );
}
