import type { Load } from "../../api/types";
import { WorkingMark } from "../../shared/WorkingMark";

/** What goes into each filling: full ones first, then the last part one. */
export function Loads({ loads, names }: { readonly loads: readonly Load[]; readonly names: readonly string[] }) {
	return (
		<section aria-label="Fillings">
			{loads.map((load, index) => (
				<div key={load.mix} className="load-line mb-0">
					{loads.length > 1 && (
						<small className="soft">{index === 0 ? `${load.count} × ${load.mix}: ` : `the last ${load.mix}: `}</small>
					)}
					{load.brews.map((brew, at) => (
						<p key={brew.name} className="mb-0">
							{brew.first} <span className="display">{brew.text}</span>
							{!brew.first && ` ${(names[at] ?? brew.name).toLowerCase()}`}{" "}
							<span className="soft small">
								({brew.onTool === brew.text ? "" : `${brew.onTool} by `}
								{brew.tool}
								{brew.deviation && `, ${brew.deviation} off`}){" "}
							</span>
							<WorkingMark of={`${names[at] ?? brew.name} in one filling`} working={brew.working} />
						</p>
					))}
					into <b>{load.water.text}</b> water <WorkingMark of="Water in one filling" working={load.water.working} />
				</div>
			))}
		</section>
	);
}
