import type { ReactNode } from "react";
import Button from "react-bootstrap/Button";
import type { Bed } from "../../api/types";
import { shortDayAndTime, type Wall } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { useStrikeLook, useStrikeWatering } from "./queries";

type Props = { readonly bed: Bed; readonly wall: Wall };

/** What was seen and watered there before; a slip is struck. */
export function SeenBefore({ bed, wall }: Props) {
	const strike = useStrikeLook(bed.plantingId);
	const strikeWatering = useStrikeWatering(bed.plantingId);
	const error = strike.error ?? strikeWatering.error;
	return (
		<>
			{bed.looks.length > 0 && (
				<ul className="log">
					{bed.looks.map((seen) => (
						<Entry key={seen.id} entry={seen} wall={wall} what="look" onStrike={() => strike.mutate(seen.id)}>
							{seen.words}
							{seen.dry && ", soil dry"}
							{seen.note && `: ${seen.note}`}
						</Entry>
					))}
				</ul>
			)}
			{bed.waterings.length > 0 && (
				<ul className="log" aria-label="Plain waterings">
					{bed.waterings.map((watered) => (
						<Entry
							key={watered.id}
							entry={watered}
							wall={wall}
							what="watering"
							onStrike={() => strikeWatering.mutate(watered.id)}
						>
							watered, plain
						</Entry>
					))}
				</ul>
			)}
			{error && <ProblemNote error={error} />}
		</>
	);
}

type EntryProps = {
	readonly entry: { readonly at: string; readonly struck: boolean };
	readonly wall: Wall;
	readonly what: "look" | "watering";
	readonly onStrike: () => void;
	readonly children: ReactNode;
};

function Entry({ entry, wall, what, onStrike, children }: EntryProps) {
	const at = shortDayAndTime(entry.at, wall);
	return (
		<li>
			<span className={entry.struck ? "struck" : undefined}>
				<b>{at}</b> {children}
			</span>
			{!entry.struck && (
				<Button variant="link" className="small" aria-label={`Strike the ${what} of ${at}`} onClick={onStrike}>
					strike
				</Button>
			)}
		</li>
	);
}
