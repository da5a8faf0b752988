import { Button, InputNumber, Table } from "antd";
import type { PlainDate } from "../../core/model";
import { type DoesSoFar, mayReachCm, reachOf } from "../../core/safety";
import { Choice } from "../../ui/controls/Choice";
import { Collapsible } from "../../ui/controls/Collapsible";
import { ReachDrawing } from "../../ui/ReachDrawing";
import { ScrollAcross } from "../../ui/ScrollAcross";
import { useIsWide } from "../../ui/useIsWide";
import { abilitiesText, reachText, SO_FAR_OPTIONS } from "../../words/reach";
import { type BornChild, boardPlace, bornChildren, typedPeople } from "./typedPeople";
import type { Correction, Does, Said, TypedChild } from "./values";

/** As wide as the words of it, and on a phone as what is left. */
const SO_FAR = { width: "clamp(92px, 24vw, 150px)" };

interface ReachPartProps {
  heightsCm: readonly number[];
  onHeights(heights: number[]): void;
  typed: readonly TypedChild[];
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
  const children = bornChildren(typed, today);
  const people = typedPeople(children, does, today);
  const saidOf = (board: number, child: number) =>
    corrections.find((one) => one.board === board && one.child === child)?.says;
  const tap = (board: number, child: number, reaches: boolean) => {
    const says = nextSaid(saidOf(board, child), reaches);
    const others = corrections.filter((one) => one.board !== board || one.child !== child);
    onCorrections(says ? [...others, { board, child, says }] : others);
  };
  const soFar = ({ child, index }: BornChild) => (
    <Choice<DoesSoFar | "">
      aria-label={`${child.name} so far`}
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
  const reachButton = ({ child, index }: BornChild, board: number) => {
    const answer = reachOf(boardPlace(heightsCm[board] ?? 0, board, corrections), people, child, today);
    return (
      <Button
        size="small"
        style={{ whiteSpace: "nowrap" }}
        aria-label={`${child.name}, board ${board + 1}: ${reachText(answer)}. Change`}
        type={answer.reaches ? "default" : "dashed"}
        onClick={() => tap(board, index, answer.reaches)}
      >
        {reachText(answer)}
      </Button>
    );
  };
  // On a phone the step stays in one sight: the drawing and its sentence say who gets where.
  const roomy = useIsWide();
  const limits = people.children.map((child) => ({ child, ...mayReachCm(people, child, today) }));
  if (children.length === 0)
    return <p className="quiet">With the birth dates it is worked out who gets at which board.</p>;
  return (
    <div className="row at-top gap">
      {heightsCm.length > 0 && (
        <ReachDrawing
          boards={heightsCm.map((heightCm, i) => ({ name: `Board ${i + 1}`, heightCm }))}
          reaches={limits.map((one) => ({ name: one.child.name, cm: one.cm }))}
        />
      )}
      <p className="quiet grow flat">
        {abilitiesText(limits.map(({ child, by }) => ({ name: child.name, by })))}, by the earliest age at
        which children do, or as you say.
      </p>
      <div className="fill" style={{ minWidth: 0 }}>
        <Collapsible
          title={heightsCm.length > 0 ? "How high, and who gets at what" : "What each child does so far"}
          open={roomy}
        >
          {heightsCm.length > 0 && (
            <p className="quiet flat">
              Tap an answer to change it: a child gets at a board all the same, or a lock or gate keeps the
              child away.
            </p>
          )}
          <ScrollAcross label="Who gets at which board">
            <Table<BornChild>
              size="small"
              className="reach-table"
              pagination={false}
              rowKey={({ index }) => index}
              dataSource={children}
              columns={[
                { title: "Child", rowScope: "row", render: (_, { child }) => child.name },
                { title: "Does so far", render: (_, child) => soFar(child) },
                ...heightsCm.map((cm, board) => ({
                  title: (
                    <>
                      Board {board + 1}, cm
                      <InputNumber
                        aria-label={`Height of board ${board + 1} in cm`}
                        min={0}
                        style={{ width: 72, display: "block" }}
                        max={300}
                        value={cm}
                        onChange={(typedCm) =>
                          onHeights(heightsCm.map((one, i) => (i === board ? (typedCm ?? 0) : one)))
                        }
                      />
                    </>
                  ),
                  key: board,
                  render: (_: unknown, child: BornChild) => reachButton(child, board),
                })),
              ]}
            />
          </ScrollAcross>
        </Collapsible>
      </div>
    </div>
  );
}
