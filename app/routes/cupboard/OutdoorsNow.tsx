import { findsOf } from "../../core/materials";
import type { Holding, Material, Season, SiteId } from "../../core/model";
import { useCommand } from "../../ui/command/useCommand";
import { ToggleButton } from "../../ui/controls/buttons";

interface OutdoorsNowProps {
  season: Season;
  site: SiteId;
  materials: readonly Material[];
  holdings: ReadonlyMap<string, Holding>;
}

/** What lies about at this season and is not here yet: a walk brings it, at no cost. */
export function OutdoorsNow({ season, site, materials, holdings }: OutdoorsNowProps) {
  const gather = useCommand("cupboard.addGathered");
  const finds = findsOf(materials, holdings, season);
  if (finds.length === 0) return null;
  return (
    <section className="row gap" aria-label="Lying about outdoors now">
      <span>A walk in {season} brings:</span>{" "}
      {finds.map((one) => (
        <ToggleButton key={one.id} size="small" onClick={() => void gather.run({ site, material: one.id })}>
          {one.name}
        </ToggleButton>
      ))}{" "}
      <span className="quiet">Tap what you brought home.</span>
    </section>
  );
}
