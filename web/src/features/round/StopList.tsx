import { type ReactNode, useEffect, useRef } from "react";
import { Link } from "react-router";
import type { Round, Stop } from "../../api/types";
import { VesselDrawing } from "../../drawings/VesselDrawing";
import { contentsOf } from "../../drawings/vesselKinds";
import { Tag } from "../../shared/Tag";

type Props = {
	readonly round: Round;
	readonly chosen?: string;
	readonly onChoose: (id: string) => void;
	/** What stands below the chosen stop, where there is no room beside the list. */
	readonly inside?: ReactNode;
};

const NUMBERS = ["No", "One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight", "Nine", "Ten"];

/** Today's stops in walking order, place by place. */
export function StopList({ round, chosen, onChoose, inside }: Props) {
	const stops = round.places.flatMap((place) => place.stops);
	const left = stops.filter((stop) => !stop.done);
	return (
		<section className="walk" aria-label="Today's stops">
			<h1>
				{NUMBERS[left.length] ?? left.length} {left.length === 1 ? "stop" : "stops"}
				{stops.length > left.length && " left"}
			</h1>
			<p>
				{left.length === 0 ? "All done for today." : `about ${Math.max(1, Math.round(round.minutes))} minutes`}
				{stops.length > left.length && ` · ${stops.length - left.length} done`}
				{round.leftAlone > 0 && ` · ${round.leftAlone} best left alone`} ·{" "}
				<Link className="in-line" to="/round/sheet">
					sheet to print
				</Link>
			</p>
			{round.doubled.map((words) => (
				<div key={words} className="note refuse" role="alert">
					<b>Two in one</b>
					<span>{words}</span>
				</div>
			))}
			{round.places.map((place) => (
				<div key={place.id}>
					<div className="walk-place">
						<h2>{place.name}</h2>
						<span>{place.warmth}</span>
					</div>
					{place.stops.map((stop) => (
						<div key={stop.id}>
							<StopButton stop={stop} chosen={stop.id === chosen} onChoose={() => onChoose(stop.id)} />
							{stop.id === chosen && inside}
						</div>
					))}
				</div>
			))}
		</section>
	);
}

type StopProps = { readonly stop: Stop; readonly chosen: boolean; readonly onChoose: () => void };

function StopButton({ stop, chosen, onChoose }: StopProps) {
	const ref = useRef<HTMLButtonElement>(null);
	const drawn = useRef(false);
	useEffect(() => {
		if (drawn.current && chosen) {
			ref.current?.scrollIntoView?.({ block: "start" });
		}
		drawn.current = true;
	}, [chosen]);
	return (
		<button
			ref={ref}
			type="button"
			className={`stop${stop.done ? " done" : ""}${chosen ? " on" : ""}`}
			aria-current={chosen ? "step" : undefined}
			onClick={onChoose}
		>
			<span className="stop-drawing" aria-hidden="true">
				<VesselDrawing
					kind={stop.vesselKind}
					contents={contentsOf(stop.family)}
					mashShare={stop.standingShare}
					capShare={0}
					neededShare={0}
					over={false}
					breathing={true}
					title=""
				/>
			</span>
			<span>
				<b>{stop.name}</b>
				<small className={stop.pressing ? "trouble" : undefined}>{wordsOf(stop)}</small>
				<span className="ripe" aria-hidden="true">
					<i style={{ width: `${Math.round(Math.min(1, 2 * stop.ripeShare) * 60)}%` }} className="ripe-working" />
					<i style={{ left: "60%", width: `${Math.round(Math.max(0, 2 * stop.ripeShare - 1) * 40)}%` }} />
				</span>
			</span>
			<Tag code={stop.code} />
		</button>
	);
}

function wordsOf(stop: Stop): string {
	if (stop.done) {
		return `${stop.did} ✓`;
	}
	const tasks = stop.tasks.join(" · ");
	return stop.did ? `${stop.did} ✓ · ${tasks}` : tasks;
}
