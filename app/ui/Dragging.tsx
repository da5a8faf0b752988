import { DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from "@dnd-kit/core";
import type { ReactNode } from "react";

/** So far has a pointer to travel before a press becomes a drag. */
const DRAG_FROM_PX = 8;

/** Within it trays are dragged by their ids to places by theirs. By keys they go from the opened tray. */
export function Dragging({
  onDrop,
  children,
}: {
  onDrop(tray: string, place: string): void;
  children: ReactNode;
}) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }));
  const dropped = ({ active, over }: DragEndEvent) => over && onDrop(String(active.id), String(over.id));
  return (
    <DndContext
      sensors={sensors}
      onDragEnd={dropped}
      accessibility={{ screenReaderInstructions: { draggable: "Open the tray to move it by keys." } }}
    >
      {children}
    </DndContext>
  );
}

/** Where a tray is drawn while it is dragged. */
export const draggedTo = (shift: { x: number; y: number } | null) =>
  shift ? { transform: `translate(${shift.x}px, ${shift.y}px)`, zIndex: 5 } : {};
