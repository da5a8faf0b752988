import { Button, InputNumber, Table } from "antd";
import { Child, Place, type PlainDate, SkillNote } from "../../core/model";
import { type DoesSoFar, mayReachCm, type People, reachOf, ticksFor } from "../../core/safety";
import { Choice } from "../../ui/controls/Choice";
import { Fold } from "../../ui/controls/Fold";
import { ReachDrawing } from "../../ui/ReachDrawing";
import { useRoomy } from "../../ui/useRoomy";
import { ABILITY_WORDS, reachText, SO_FAR_OPTIONS } from "../../words/reach";

/** As wide as the words of it, and on a phone as what is left. */
const SO_FAR = { width: "clamp(92px, 24vw, 150px)" };

export type Said = "reaches" | "kept";
/** What the adult said of a board and a child, by their order. */
export interface Correction {
  board: number;
  child: number;
  says: Said;
}

/** What a child does so far, by its order. */
export interface Does {
  child: number;
  does: DoesSoFar;
}

const stamp = { createdAt: "2000-01-01T00:00:00.000Z", updatedAt: "2000-01-01T00:00:00.000Z" };

/** The children as far as they are typed in: those with a name and a date of birth that has been. */
export const typedChildren = (typed: readonly { name: string; birth: string }[], today: PlainDate) =>
  typed.flatMap(({ name, birth }, i) => {
    const child = Child.safeParse({ ...stamp, id: String(i), name: name.trim() || `child ${i + 1}`, birth });
    return child.success && child.data.birth <= today ? [{ child: child.data, index: i }] : [];
  });

const boardPlace = (heightCm: number, board: number, corrections: readonly Correction[]) => {
  const said = (says: Said) =>
    corrections.filter((one) => one.board === board && one.says === says).map((one) => String(one.child));
  const kept = said("kept");
  return Place.parse({
    ...stamp,
    id: String(board),
    site: "home",
    name: `Board ${board + 1}`,
    kind: "bay",
    board,
    heightCm,
    outOfReachOf: kept,
    because: kept.length > 0 ? "lock" : "high",
    reachedBy: said("reaches"),
  });
};

interface ReachPartProps {
  heightsCm: readonly number[];
  onHeights(heights: number[]): void;
  typed: readonly { name: string; birth: string }[];
  corrections: readonly Correction[];
  onCorrections(corrections: Correction[]): void;
  /** What children do so far, by their order, where the adult says so. */
  does: readonly Does[];
  onDoes(does: Does[]): void;
  today: PlainDate;
}

/** The next thing to say with a tap: what is worked out, that it does get at it, that it is locked away, and back. */
const nextSaid = (now: Said | undefined, reaches: boolean): Said | undefined => {
  if (now === undefined) return reaches ? "kept" : "reaches";
  return now === "reaches" ? "kept" : undefined;
};

/** Who gets at which board, in one sight: drawn, worked out, and corrected by a tap. */
export function ReachPart(props: ReachPartProps) {
  const { heightsCm, onHeights, typed, corrections, onCorrections, does, onDoes, today } = props;
  const children = typedChildren(typed, today);
  const ticks = does.flatMap(({ child, does: so }) =>
    ticksFor(so).map((tick) =>
      SkillNote.parse({ ...stamp, ...tick, id: `${child} ${tick.skill}`, child: String(child), on: today }),
    ),
  );
  const people: People = { children: children.map((one) => one.child), ticks };
  const saidOf = (board: number, child: number) =>
    corrections.find((one) => one.board === board && one.child === child)?.says;
  const tap = (board: number, child: number, reaches: boolean) => {
    const says = nextSaid(saidOf(board, child), reaches);
    const others = corrections.filter((one) => one.board !== board || one.child !== child);
    onCorrections(says ? [...others, { board, child, says }] : others);
  };
  const soFar = (name: string, index: number) => (
    <Choice<DoesSoFar | "">
      aria-label={`${name} so far`}
      value={does.find((one) => one.child === index)?.does ?? ""}
      onChange={(so) =>
        onDoes([
          ...does.filter((one) => one.child !== index),
          ...(so === "" ? [] : [{ child: index, does: so }]),
        ])
      }
      options={SO_FAR_OPTIONS}
      style={SO_FAR}
    />
  );
  const reachButton = (child: Child, index: number, board: number) => {
    const answer = reachOf(boardPlace(heightsCm[board] ?? 0, board, corrections), people, child, today);
    return (
      <Button
        size="small"
        aria-label={`${child.name}, board ${board + 1}: ${reachText(answer)}. Change`}
        type={answer.reaches ? "default" : "dashed"}
        onClick={() => tap(board, index, answer.reaches)}
      >
        {reachText(answer)}
      </Button>
    );
  };
  // On a phone the step stays in one sight: the drawing and its sentence say who gets where.
  const roomy = useRoomy();
  const limits = people.children.map((child) => ({ child, ...mayReachCm(people, child, today) }));
  return (
    <div className="row at-top gap">
      <ReachDrawing
        boards={heightsCm.map((heightCm, i) => ({ name: `Board ${i + 1}`, heightCm }))}
        reaches={limits.map((one) => ({ name: one.child.name, cm: one.cm }))}
      />
      <p className="quiet grow flat">
        {children.length === 0
          ? "With the birth dates above it is worked out who gets at which board."
          : `${limits
              .map(({ child, by }) =>
                by ? `${child.name} may ${ABILITY_WORDS[by]} already` : `${child.name} lies still`,
              )
              .join("; ")}, by the earliest age at which children do, or as you say.`}
      </p>
      <Fold title="How high, and who gets at what" open={roomy}>
        <p className="quiet flat">
          Tap where it is otherwise: the child gets at it all the same, or a lock or gate keeps the child
          away.
        </p>
        <Table<number | undefined>
          size="small"
          className="reach-table"
          pagination={false}
          rowKey={(board) => board ?? "does"}
          dataSource={[...(children.length > 0 ? [undefined] : []), ...heightsCm.keys()]}
          columns={[
            {
              title: "Board",
              rowScope: "row",
              render: (_, board) => (board === undefined ? "Does so far" : board + 1),
            },
            {
              title: "cm",
              render: (_, board) =>
                board !== undefined && (
                  <InputNumber
                    aria-label={`Height of board ${board + 1} in cm`}
                    min={0}
                    style={{ width: 64 }}
                    max={300}
                    value={heightsCm[board]}
                    onChange={(cm) => onHeights(heightsCm.map((one, i) => (i === board ? (cm ?? 0) : one)))}
                  />
                ),
            },
            ...children.map(({ child, index }) => ({
              title: child.name,
              key: index,
              render: (_: unknown, board: number | undefined) =>
                board === undefined ? soFar(child.name, index) : reachButton(child, index, board),
            })),
          ]}
        />
      </Fold>
    </div>
  );
}
