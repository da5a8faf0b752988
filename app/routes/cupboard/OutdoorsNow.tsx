import { findsOf } from "../../core/materials";
import type { Holding, Material, Season, SiteId } from "../../core/model";
import { Chip } from "../../ui/controls/Act";
import { Send } from "../../ui/Send";

interface OutdoorsNowProps {
  season: Season;
  site: SiteId;
  materials: readonly Material[];
  holdings: ReadonlyMap<string, Holding>;
}

/** What lies about at this season and is not here yet: a walk brings it, at no cost. */
export function OutdoorsNow({ season, site, materials, holdings }: OutdoorsNowProps) {
  const finds = findsOf(materials, holdings, season);
  if (finds.length === 0) return null;
  return (
    <Send
      values={{ intent: "gathered", site: site }}
      className="row gap"
      preventScrollReset
      aria-label="Lying about outdoors now"
    >
      <span>A walk in {season} brings:</span>{" "}
      {finds.map((one) => (
        <Chip key={one.id} size="small" name="material" value={one.id}>
          {one.name}
        </Chip>
      ))}{" "}
      <span className="quiet">Tap what you brought home.</span>
    </Send>
  );
}
