import { type ReactNode, useEffect, useRef } from "react";
import type { Round, Stop } from "../../api/types";
import { VesselDrawing } from "../../drawings/VesselDrawing";
import { contentsOf } from "../../drawings/vesselKinds";
import { Tag } from "../../shared/Tag";

type Props = {
	readonly round: Round;
	readonly chosen?: string;
	readonly onChoose: (id: string) => void;
	/** What heads the list. */
	readonly children?: ReactNode;
};

/** Today's stops in walking order, place by place. */
export function StopList({ round, chosen, onChoose, children }: Props) {
	return (
		<section className="walk" aria-label="Today's stops">
			{children}
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
						<StopButton key={stop.id} stop={stop} chosen={stop.id === chosen} onChoose={() => onChoose(stop.id)} />
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
			ref.current?.scrollIntoView?.({ block: "nearest" });
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
