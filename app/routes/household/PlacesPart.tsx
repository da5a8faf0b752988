import { Button } from "antd";
import { createContext, type ReactNode, use, useMemo, useState } from "react";
import type { Child, Household, Place, PlainDate, Site } from "../../core/model";
import type { People } from "../../core/safety";
import { type DrawnPlace, drawnPlaces } from "../../engine/queries/drawnTrays";
import { Collapsible } from "../../ui/controls/Collapsible";
import { ShelfDrawing } from "../../ui/ShelfDrawing";
import { PLACE_NAMES } from "../../words/places";
import { PlaceForm } from "./PlaceForm";
import { ReachPart } from "./ReachPart";

/** The place that is open, and how another one is opened. */
const Opened = createContext<{ open: string | undefined; toggle(id: string): void }>({
  open: undefined,
  toggle: () => {},
});

/** A place on the drawn shelf: it opens what is known of it. */
function PlaceSlot({ place }: { place: DrawnPlace; children: ReactNode }) {
  const { open, toggle } = use(Opened);
  return (
    <li>
      <Button
        type={open === place.id ? "primary" : "dashed"}
        block
        aria-expanded={open === place.id}
        aria-label={`${place.name}, ${place.emptyText}`}
        style={{ height: "auto", minHeight: 64, marginBottom: 8, whiteSpace: "normal" }}
        onClick={() => toggle(place.id)}
      >
        <span>
          {place.name}
          <span className="block" style={{ fontWeight: 400 }}>
            {place.emptyText}
          </span>
        </span>
      </Button>
    </li>
  );
}

const aboutPlace = ({ kind, heightCm }: Place): string =>
  heightCm === undefined ? PLACE_NAMES[kind] : `${PLACE_NAMES[kind]}, ${heightCm} cm`;

interface PlacesPartProps {
  places: readonly Place[];
  /** The home that this device is at. */
  site: Site;
  household: Household;
  others: readonly Child[];
  people: People;
  today: PlainDate;
}

/** The places as the shelf they are: each opens its form below; those of other homes are folded to a line. */
export function PlacesPart({ places, site, household, others, people, today }: PlacesPartProps) {
  const [open, setOpen] = useState<string>();
  const here = places.filter((place) => place.site === site.id);
  const elsewhere = places.filter((place) => place.site !== site.id);
  const form = { others, places, sites: household.sites };
  const opened = here.find((place) => place.id === open);
  const about = useMemo(
    () => ({ open, toggle: (id: string) => setOpen((before) => (before === id ? undefined : id)) }),
    [open],
  );
  return (
    <>
      <h2>Each place</h2>
      <Opened value={about}>
        <ShelfDrawing
          label="The places of this home"
          trays={[]}
          places={drawnPlaces(
            here,
            new Map<string, string>(here.map((place) => [place.id, aboutPlace(place)])),
          )}
          onSelect={about.toggle}
          Slot={PlaceSlot}
        />
      </Opened>
      {opened && <PlaceForm key={`${opened.id} ${opened.updatedAt}`} place={opened} {...form} />}
      <Collapsible title="Another place">
        <PlaceForm key={`new ${places.length}`} {...form} />
      </Collapsible>
      {elsewhere.map((place) => (
        <Collapsible
          key={`${place.id} ${place.updatedAt}`}
          title={`${place.name}, ${PLACE_NAMES[place.kind]} (${household.sites.find((one) => one.id === place.site)?.name ?? ""})`}
        >
          <PlaceForm place={place} {...form} />
        </Collapsible>
      ))}
      <ReachPart places={here} people={people} today={today} />
    </>
  );
}
