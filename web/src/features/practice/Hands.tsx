import Button from "react-bootstrap/Button";
import type { PracticeBed, PracticePot } from "../../api/types";
import { Pouring } from "./Pouring";
import type { Deed } from "./play";

/** What is done, apart from when and to which pot. */
type Handwork = Omit<Deed, "pot">;

type Props = {
	readonly pot: PracticePot;
	readonly bed?: PracticeBed | undefined;
	readonly onDo: (deed: Handwork) => void;
};

/** What can be done now, to one pot and the bed beside it. */
export function Hands({ pot, bed, onDo }: Props) {
	return (
		<>
			{!pot.sight && <Setting pot={pot} onDo={onDo} />}
			{pot.works && <Working pot={pot} onDo={onDo} />}
			{bed && pot.canBePoured && <Pouring bed={bed} onPour={(parts, way) => onDo({ kind: "POUR", parts, way })} />}
			{bed && (
				<fieldset className="practice-acts">
					<legend>The end</legend>
					<Button variant="outline-secondary" onClick={() => onDo({ kind: "LEAVE" })}>
						That is all
					</Button>
				</fieldset>
			)}
		</>
	);
}

type Part = Omit<Props, "bed">;

function Setting({ pot, onDo }: Part) {
	if (!pot.canBeSet) {
		return <p>It is begun with another pot, once that is strained.</p>;
	}
	return (
		<p>
			<Button onClick={() => onDo({ kind: "SET" })}>Set it now</Button>
		</p>
	);
}

function Working({ pot, onDo }: Part) {
	return (
		<>
			<fieldset className="practice-acts">
				<legend>Now</legend>
				<Button variant="outline-secondary" onClick={() => onDo({ kind: "LOOK" })}>
					Look and smell
				</Button>
				<Button variant="outline-secondary" onClick={() => onDo({ kind: "MEASURE" })}>
					Measure
				</Button>
				{pot.hands.map((hand) => (
					<Button key={hand.act} variant="outline-secondary" onClick={() => onDo({ kind: "HANDS", act: hand.act })}>
						{hand.todo}
					</Button>
				))}
				{pot.sight?.shut && (
					<Button variant="outline-secondary" onClick={() => onDo({ kind: "LOOSEN" })}>
						leave the lid loose
					</Button>
				)}
			</fieldset>
			<fieldset className="practice-acts">
				<legend>When it is done</legend>
				<Button onClick={() => onDo({ kind: "STRAIN" })}>{pot.takes}</Button>
				<Button variant="outline-secondary" onClick={() => onDo({ kind: "THROW_AWAY" })}>
					Throw it away
				</Button>
			</fieldset>
		</>
	);
}
