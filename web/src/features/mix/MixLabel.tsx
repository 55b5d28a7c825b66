import type { Garden, Mix } from "../../api/types";
import { calendarDay } from "../../shared/dates";

type Props = {
	readonly mix: Mix;
	readonly names: readonly string[];
	readonly plants: readonly string[];
	readonly garden: Garden;
};

/** What hangs on the sprayer or can: printed, never on the screen. */
export function MixLabel({ mix, names, plants, garden }: Props) {
	return (
		<section className="mix-label print-only" aria-label="Mixing label">
			<h2>Not a drink. Not food.</h2>
			<p>
				{garden.name} · mixed {calendarDay(garden.today)} · for {mix.target}
				{plants.length > 0 && `: ${plants.join(", ")}`}
			</p>
			<ul>
				{mix.brews.map((brew, index) => (
					<li key={brew.id}>
						<b>
							{names[index] ?? brew.name} {brew.strength.text}
						</b>
						{mix.fillings[0]?.brews[index] && `, ${mix.brews[index]?.amount.text} in ${mix.need.text}`}
					</li>
				))}
			</ul>
			<p>{mix.inherited.map((one) => one.text).join(" · ")}. Use it up today; rinse the sprayer. Local rules first.</p>
		</section>
	);
}
