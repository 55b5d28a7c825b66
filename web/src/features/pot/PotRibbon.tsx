import type { Garden, PotSummary } from "../../api/types";
import { Ribbon } from "../../drawings/Ribbon";
import { DAY_MS, dayOf, millis } from "../../shared/dates";
import { useWidth } from "../../shared/useWidth";
import { WorkingMark } from "../../shared/WorkingMark";

/** The life of one pot: progress so far, the likely window, and the reason for it. */
export function PotRibbon({ summary, garden }: { readonly summary: PotSummary; readonly garden: Garden }) {
	const { ref, width } = useWidth<HTMLDivElement>(600);
	const { forecast } = summary;
	const last = Math.max(millis(forecast.late ?? garden.now), millis(garden.now)) + 2 * DAY_MS;
	const from = millis(summary.setAt) - DAY_MS / 2;
	const x = (moment: string) => ((millis(moment) - from) / (last - from)) * width;
	return (
		<div ref={ref}>
			<Ribbon
				width={width}
				x={x}
				setAt={summary.setAt}
				now={garden.now}
				early={forecast.early}
				late={forecast.late}
				past={forecast.past}
				checks={summary.checks}
			/>
			<p className="mb-0">
				<span className="soft small">{dayOf(summary.setAt, garden)} → </span>
				<b>
					ready {forecast.words}
					{forecast.likely && `, likely ${dayOf(forecast.likely, garden)}`}
				</b>{" "}
				<WorkingMark of="When it is ready" working={forecast.working} />{" "}
				<span className="soft small">{forecast.reason}</span>
			</p>
		</div>
	);
}
