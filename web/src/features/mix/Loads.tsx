import type { Load } from "../../api/types";
import { WorkingMark } from "../../shared/WorkingMark";

/** What goes into each filling: full ones first, then the last part one. */
export function Loads({ loads, name }: { readonly loads: readonly Load[]; readonly name: string }) {
	return (
		<section aria-label="Fillings">
			{loads.map((load, index) => (
				<p key={load.mix} className="load-line mb-0">
					{loads.length > 1 && (
						<small className="soft">{index === 0 ? `${load.count} × ${load.mix}: ` : `the last ${load.mix}: `}</small>
					)}
					<span className="display">{load.brewText}</span> {name.toLowerCase()}{" "}
					<span className="soft small">
						({load.onTool === load.brewText ? "" : `${load.onTool} by `}
						{load.tool}
						{load.deviation && `, ${load.deviation} off`}){" "}
					</span>
					<WorkingMark of="Brew in one filling" working={load.brewWorking} />
					<br />
					into <b>{load.water.text}</b> water <WorkingMark of="Water in one filling" working={load.water.working} />
				</p>
			))}
		</section>
	);
}
