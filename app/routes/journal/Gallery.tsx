import { Pagination } from "antd";
import type { Child } from "../../core/model";
import { rungTitle } from "../../core/report/journal";
import { PICTURES_A_PAGE, type Pictured } from "../../engine/queries/journalPictures";
import { useSearchParamSetter } from "../../ui/useSearchParamSetter";
import { dayText } from "../../words/dates";
import { noteWords } from "../../words/notes";

interface GalleryProps {
  shown: { pictured: readonly Pictured[]; page: number; pages: number };
  people: readonly Child[];
}

/** Pictures that were kept with notes, the newest first, each with what was noted. */
export default function Gallery({ shown, people }: GalleryProps) {
  const keep = useSearchParamSetter();
  const { pictured, page, pages } = shown;
  if (pictured.length === 0)
    return (
      <p className="empty-state">
        No picture goes with these notes. After a note, “Add a picture” keeps one: the work, or the hands at
        it.
      </p>
    );
  return (
    <>
      <ul className="bare grid" style={{ "--least": "220px" }}>
        {pictured.map(({ entry, photos }) => (
          <li key={entry.note.id}>
            <Picture entry={entry} photos={photos} childName={nameOf(people, entry.note.child)} />
          </li>
        ))}
      </ul>
      {pages > 1 && (
        <Pagination
          current={page}
          pageSize={PICTURES_A_PAGE}
          total={pages * PICTURES_A_PAGE}
          showSizeChanger={false}
          onChange={(next) => keep("page", next === 1 ? "" : String(next))}
        />
      )}
    </>
  );
}

const nameOf = (children: readonly Child[], id: string) =>
  children.length > 1 ? children.find((one) => one.id === id)?.name : undefined;

function Picture({ entry, photos, childName }: Pictured & { childName: string | undefined }) {
  const { note, activity } = entry;
  const name = activity?.name ?? "an activity that is no longer there";
  const rung = rungTitle(entry);
  return (
    <figure>
      {photos.map((photo) => (
        <img
          className="picture"
          style={{ aspectRatio: "4 / 3", objectFit: "cover" }}
          key={photo.id}
          src={`data:${photo.mime};base64,${photo.base64}`}
          alt={`${name}, ${dayText(note.on)}`}
        />
      ))}
      <figcaption>
        <strong>{name}</strong>
        <small>
          {dayText(note.on)}
          {childName ? ` · ${childName}` : ""}
          {rung ? ` · ${rung}` : ""}
        </small>
        <span>{noteWords(note).join(", ")}</span>
        {note.words && <q>{note.words}</q>}
      </figcaption>
    </figure>
  );
}
