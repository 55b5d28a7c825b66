import { troubleAt } from "../../api/problem";
import { Options } from "../../shared/Options";
import { TextField } from "../../shared/TextField";
import type { Line } from "./line";

const SINCE = [
	{ id: "today", words: "today" },
	{ id: "about a week ago", words: "a week" },
	{ id: "about three weeks ago", words: "three weeks" },
	{ id: "about three months ago", words: "three months" },
	{ id: "nobody knows", words: "nobody knows" },
] as const;

const FULL = [
	{ id: "full", words: "full" },
	{ id: "three quarters", words: "¾" },
	{ id: "half", words: "half" },
	{ id: "a quarter", words: "¼" },
] as const;

type Props = {
	readonly line: Line;
	readonly error: unknown;
	readonly onChange: (part: Partial<Line>) => void;
};

/** Since when it stands there, and how full it is; a tap is enough. */
export function SinceAndFull({ line, error, onChange }: Props) {
	return (
		<>
			<TextField
				id="standing-since"
				as="PAST"
				label="Since when?"
				value={line.since}
				problem={troubleAt(error, "since")}
				onChange={(since) => onChange({ since })}
			/>
			<Options label="Since about" options={SINCE} value={line.since} onChange={(since) => onChange({ since })} />
			<TextField
				id="standing-full"
				label="How full?"
				value={line.full}
				problem={troubleAt(error, "full")}
				onChange={(full) => onChange({ full })}
			/>
			<Options label="About how full" options={FULL} value={line.full} onChange={(full) => onChange({ full })} />
		</>
	);
}
