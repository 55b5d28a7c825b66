import type { Caution, Garden, Recipe } from "../../api/types";
import { Ribbon } from "../../drawings/Ribbon";
import { VesselDrawing } from "../../drawings/VesselDrawing";
import { contentsOf } from "../../drawings/vesselKinds";
import { DAY_MS, millis } from "../../shared/dates";
import { Cautions } from "../../shared/FindingNote";
import { useWidth } from "../../shared/useWidth";
import { WorkingMark } from "../../shared/WorkingMark";

type Props = {
	readonly recipe: Recipe;
	readonly garden: Garden;
	readonly stale: boolean;
};

const FOAMS: ReadonlySet<Recipe["family"]> = new Set(["SUGAR", "SHELLS"]);

/** The vessel filled to the computed levels, and the dates. */
export function VesselPanel({ recipe, garden, stale }: Props) {
	const { filling, vessel } = recipe;
	const fits = !recipe.findings.some((finding) => finding.rule === "overfull" || finding.rule === "foam-over");
	const holdsGas = recipe.findings.some((finding) => finding.rule === "tight-lid");
	const cap = recipe.amounts.find((part) => part.id === "cap");
	return (
		<div className={stale ? "recipe-vessel stale" : "recipe-vessel"}>
			<h2>
				{fits
					? `Fits ${vessel.code}${FOAMS.has(recipe.family) ? ", with room for the foam" : ""}`
					: `Too much for ${vessel.code}`}{" "}
				<WorkingMark of={`How full ${vessel.code} will be`} working={filling.working} />
			</h2>
			<VesselDrawing
				kind={vessel.kind}
				contents={contentsOf(recipe.family)}
				mashShare={filling.mashShare}
				capShare={filling.capShare}
				neededShare={filling.neededShare}
				over={!fits}
				breathing={!holdsGas}
				title={`${vessel.code} in cross-section: ${filling.headspace} stays empty, ${filling.needed} is needed`}
				words={{
					lid: [recipe.lid.words, holdsGas ? "holds the gas in!" : ""],
					headspace: filling.headspaceShare < 0 ? "it overflows" : "room to breathe",
					needed: `${filling.headspace} · needs ${filling.needed}`,
					cap: cap && `sugar cap ${cap.amount.text}`,
					mash: mainParts(recipe),
					settles: filling.settles,
					under: `${vessel.code} · ${vessel.capacity}`,
				}}
			/>
			<p className="small soft mb-1">
				{recipe.contents.text} inside, {recipe.contents.also}{" "}
				<WorkingMark of="Weight inside" working={recipe.contents.working} />
			</p>
			<Cautions cautions={[...recipe.setting, ...recipe.working.filter((one) => !isTold(one, recipe))]} />
			<Dates recipe={recipe} garden={garden} />
		</div>
	);
}

/** The part that people have in hand, and whatever else there is most of. */
function mainParts(recipe: Recipe): string {
	const [first, ...others] = recipe.amounts.filter((part) => part.id !== "cap");
	const most = others.toSorted((one, other) => other.amount.value - one.amount.value)[0];
	const words = [first, most].flatMap((part) => (part ? [part.id === "plant" ? "leaves" : part.id] : []));
	return words.join(" + ");
}

function isTold(caution: Caution, recipe: Recipe): boolean {
	return recipe.setting.some((one) => one.words === caution.words);
}

function Dates({ recipe, garden }: { readonly recipe: Recipe; readonly garden: Garden }) {
	const { ref, width } = useWidth<HTMLDivElement>(380);
	const { forecast } = recipe;
	const end = Math.max(millis(forecast.late ?? garden.now) + 2 * DAY_MS, millis(garden.now) + 12 * DAY_MS);
	const span = end - millis(garden.now) + DAY_MS;
	const x = (moment: string) => ((millis(moment) - millis(garden.now) + DAY_MS / 2) / span) * width;
	return (
		<div ref={ref}>
			<Ribbon
				width={width}
				x={x}
				setAt={recipe.setAt}
				now={garden.now}
				early={forecast.early}
				late={forecast.late}
				checks={[]}
			/>
			<p>
				<b>Ready {forecast.words}</b> <WorkingMark of="When it is ready" working={forecast.working} />
				<br />
				<span className="soft small">
					{recipe.place.name}. {forecast.reason}
				</span>
			</p>
		</div>
	);
}
