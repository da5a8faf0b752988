import { Button, Select, Table } from "antd";
import type { Child, Place, PlainDate } from "../../core/model";
import { type DoesSoFar, mayReachCm, nextReachChanges, type People, reachOf } from "../../core/safety";
import { useCommand } from "../../ui/command/useCommand";
import { ReachDrawing } from "../../ui/ReachDrawing";
import { ScrollAcross } from "../../ui/ScrollAcross";
import { dayText } from "../../words/dates";
import { ABILITY_WORDS, changeText, reachText, SO_FAR_OPTIONS } from "../../words/reach";

/** So many days ahead the next change of reach is foreseen. */
const FORESEEN_DAYS = 60;

/** What a tap says next: what is worked out, the other way round, and back. */
function nextSaid(place: Place, child: Child, reaches: boolean): "worked-out" | "reaches" | "kept" {
  const isSaid =
    place.reachedBy.includes(child.id) || (place.outOfReachOf.includes(child.id) && place.because !== "high");
  if (isSaid) return "worked-out";
  return reaches ? "kept" : "reaches";
}

function Cell({
  place,
  child,
  people,
  today,
}: {
  place: Place;
  child: Child;
  people: People;
  today: PlainDate;
}) {
  const sayReach = useCommand("household.sayReach");
  const answer = reachOf(place, people, child, today);
  return (
    <Button
      size="small"
      type={answer.reaches ? "default" : "dashed"}
      loading={sayReach.isBusy}
      aria-label={`${child.name}, ${place.name}: ${reachText(answer)}. Change`}
      onClick={() =>
        void sayReach.run({
          place: place.id,
          child: child.id,
          says: nextSaid(place, child, answer.reaches),
        })
      }
    >
      {reachText(answer)}
    </Button>
  );
}

/** What a child does so far, as one sees it today. */
function SoFar({ child, people, today }: { child: Child; people: People; today: PlainDate }) {
  const sayDoes = useCommand("household.sayDoes");
  const { by } = mayReachCm(people, child, today);
  return (
    <>
      <Select
        aria-label={`${child.name} so far`}
        size="small"
        value=""
        loading={sayDoes.isBusy}
        onChange={(does: DoesSoFar | "") => does !== "" && void sayDoes.run({ child: child.id, does })}
        options={SO_FAR_OPTIONS.map((one) => (one.value === "" ? { ...one, label: "look today…" } : one))}
        popupMatchSelectWidth={230}
        style={{ width: "clamp(92px, 24vw, 150px)" }}
      />
      <small>{by ? `counts: may ${ABILITY_WORDS[by]}` : "counts: lies"}</small>
    </>
  );
}

interface ReachPartProps {
  places: readonly Place[];
  people: People;
  today: PlainDate;
}

/** The boards of the shelf once each, by their heights. */
const boardsOf = (places: readonly Place[]) =>
  places
    .filter((place) => place.kind === "bay" && place.heightCm !== undefined)
    .filter((place, i, all) => all.findIndex((one) => one.board === place.board) === i)
    .map((place) => ({ name: place.name.split(",")[0] ?? place.name, heightCm: place.heightCm ?? 0 }));

/** Who gets at which place, drawn and in a table: worked out by height and age, corrected by a tap. */
export function ReachPart({ places, people, today }: ReachPartProps) {
  const children = people.children.filter((child) => child.birth <= today);
  const boards = boardsOf(places);
  const coming = nextReachChanges(places, people, today, FORESEEN_DAYS);
  if (places.length === 0 || children.length === 0) return null;
  return (
    <section className="row at-top gap" aria-label="Who gets at what">
      {boards.length > 0 && (
        <ReachDrawing
          boards={boards}
          reaches={children.map((child) => ({ name: child.name, cm: mayReachCm(people, child, today).cm }))}
        />
      )}
      <div className="fill" style={{ minWidth: 0 }}>
        <ScrollAcross label="Who gets at which place">
          <Table<Place | undefined>
            size="small"
            className="reach-table"
            pagination={false}
            rowKey={(place) => place?.id ?? "does"}
            dataSource={[undefined, ...places]}
            columns={[
              { title: "Place", rowScope: "row", render: (_, place) => place?.name ?? "Does so far" },
              { title: "cm", render: (_, place) => place?.heightCm },
              ...children.map((child) => ({
                title: child.name,
                key: child.id,
                render: (_: unknown, place: Place | undefined) =>
                  place ? (
                    <Cell place={place} child={child} people={people} today={today} />
                  ) : (
                    <SoFar child={child} people={people} today={today} />
                  ),
              })),
            ]}
          />
        </ScrollAcross>
      </div>
      <div className="fill">
        <p className="quiet">
          Worked out from heights, ages and what you ticked, always for the earliest a child may. A tap says
          it is otherwise: gets at it all the same, or is kept away by a lock. Height alone keeps nobody away
          who may climb.
        </p>
        {coming.map((change) => (
          <p key={change.child.id} role="status">
            From {dayText(change.on)}: {changeText(change)}. Then within reach:{" "}
            {change.places.map((place) => place.name).join(", ")}.
          </p>
        ))}
      </div>
    </section>
  );
}
