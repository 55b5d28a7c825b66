import { type ReactNode, useState } from "react";
import Button from "react-bootstrap/Button";
import type { Pot } from "../../api/types";
import { CameraSign } from "../../drawings/CameraSign";
import { useNarrow } from "../../shared/useNarrow";
import { capital } from "../../shared/words";
import { isLed } from "./Leading";
import { PictureButton } from "./PictureButton";
import type { Act } from "./useLogging";

type Props = {
	readonly pot: Pot;
	/** What Enter and the first button log. */
	readonly main: Act;
	/** What the main button says after the act. */
	readonly then: string;
	/** What leads on from here, on the phone: it stands first under the thumb. */
	readonly lead?: ReactNode;
	readonly pending: boolean;
	/** Whether a picture may be taken along. */
	readonly pictured: boolean;
	readonly noting: boolean;
	readonly onAct: (act: Act) => void;
	readonly onNote: () => void;
};

/** What can be logged, the usual act first; on the phone the others fold. */
export function VisitActs({ pot, main, then, lead, pending, pictured, noting, onAct, onNote }: Props) {
	const narrow = useNarrow();
	const [all, setAll] = useState(false);
	const others = pot.acts.filter((one) => one.act !== main);
	const shown = narrow && !all ? others.slice(0, lead ? 0 : 1) : others;
	return (
		<div className="actions">
			{lead}
			<Button type="submit" variant={isLed(pot) ? "outline" : "primary"} disabled={pending}>
				{capital(pot.acts.find((one) => one.act === main)?.words ?? "looked")}, {then}
				<kbd className="in-button">Enter</kbd>
			</Button>
			{shown.map((one) => (
				<Button key={one.act} variant="outline" disabled={pending} onClick={() => onAct(one.act)}>
					{capital(one.words)}
				</Button>
			))}
			{narrow && pictured && (
				<PictureButton pot={pot.summary} label={`Take a picture of ${pot.summary.name}`} camera>
					<CameraSign />
				</PictureButton>
			)}
			{narrow && !all ? (
				<Button variant="outline" aria-label="More to log" aria-expanded={false} onClick={() => setAll(true)}>
					…
				</Button>
			) : (
				!noting && (
					<Button variant="link" onClick={onNote}>
						add a note, or another day …
					</Button>
				)
			)}
		</div>
	);
}
