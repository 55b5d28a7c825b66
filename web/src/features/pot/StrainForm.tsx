import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt, problemFrom } from "../../api/problem";
import type { Bottle, Pot, Strain } from "../../api/types";
import { Cautions } from "../../shared/FindingNote";
import { ProblemNote } from "../../shared/ProblemNote";
import { TypedBefore } from "../../shared/TypedBefore";
import { useTyped } from "../../shared/useTyped";
import { useWriteKey } from "../../shared/useWriteKey";
import { WorkingMark } from "../../shared/WorkingMark";
import { PlaceSelect } from "../places";
import { EarlyDecision } from "./EarlyDecision";
import { useStrain } from "./queries";

type Filling = Strain["bottles"][number];
type Straining = { readonly bottles: readonly Filling[]; readonly residueStays: boolean };
type Props = { readonly pot: Pot; readonly onBottled: (bottles: readonly Bottle[]) => void };

/** Strains a pot into as many bottles as it takes, each with what was measured and how it is kept. */
export function StrainForm({ pot, onBottled }: Props) {
	const first: Filling = {
		volume: pot.bottling.expected.text,
		keepId: pot.bottling.keeps[0]?.id ?? "",
		guessed: true,
	};
	const kept = useTyped<Straining>(`straining of ${pot.summary.id}`, { bottles: [first], residueStays: false });
	const { bottles, residueStays } = kept.typed;
	const setBottles = (all: readonly Filling[]) => kept.change({ bottles: all });
	const strain = useStrain(pot.summary.id);
	const key = useWriteKey();
	const spoilt = pot.verdict.kind === "THROW_AWAY";
	const send = (early: boolean) =>
		strain.mutate(key.keyed({ bottles: [...bottles], early, residueStays, rescue: spoilt && pot.verdict.rescuable }), {
			onSuccess: (filled) => {
				key.renew();
				kept.letGo();
				onBottled(filled);
			},
		});
	const change = (index: number, part: Partial<Filling>) =>
		setBottles(bottles.map((bottle, i) => (i === index ? { ...bottle, ...part } : bottle)));
	const problem = strain.error ? problemFrom(strain.error) : undefined;
	const told = problem?.code === "not-ready" || problem?.field?.startsWith("bottles.");
	if (spoilt && !pot.verdict.rescuable) {
		return null;
	}
	return (
		<Form
			noValidate
			className="mb-3"
			aria-label="Strain and bottle"
			onSubmit={(event) => {
				event.preventDefault();
				send(false);
			}}
		>
			<h2 className="mb-2">{title(pot, spoilt)}</h2>
			{spoilt && (
				<div className="note warn">
					<b>Your decision</b>
					<span>
						It is to be thrown away. You may still keep it for soil where nothing you eat grows; that is noted on the
						pot and on the bottle.
					</span>
				</div>
			)}
			<TypedBefore since={kept.since} onLetGo={kept.letGo} />
			{bottles.map((bottle, index) => (
				<BottleFields
					// biome-ignore lint/suspicious/noArrayIndexKey: bottles have no other name before they are filled
					key={index}
					index={index}
					many={bottles.length > 1}
					pot={pot}
					bottle={bottle}
					error={strain.error}
					onChange={(part) => change(index, part)}
				/>
			))}
			<Expected pot={pot} sugared={bottles.some((bottle) => sugarOf(pot, bottle) !== undefined)} />
			<Button variant="link" onClick={() => setBottles([...bottles, { ...first, volume: "", guessed: false }])}>
				another bottle …
			</Button>
			{pot.exit === "STRAIN" && (
				<Form.Check
					id="residue"
					className="decision"
					checked={residueStays}
					onChange={(event) => kept.change({ residueStays: event.target.checked })}
					label="A little stays in the vessel as a starter"
				/>
			)}
			<Button type="submit" variant={pot.verdict.kind === "READY" ? "primary" : "outline"} disabled={strain.isPending}>
				{submitWords(pot, spoilt, bottles.length)}
			</Button>
			<EarlyDecision error={strain.error} words="Strain it early" onDecide={() => send(true)} />
			{strain.error && !told && <ProblemNote error={strain.error} />}
			<Cautions cautions={pot.bottling.cautions} />
		</Form>
	);
}

function title(pot: Pot, spoilt: boolean): string {
	if (spoilt) {
		return "Keep it for plants you don't eat";
	}
	return pot.bottling.solid ? "Take it out and keep it" : "Strain and bottle";
}

function submitWords(pot: Pot, spoilt: boolean, bottles: number): string {
	if (spoilt) {
		return "Keep it, for plants you don't eat";
	}
	const what = pot.bottling.solid ? "tub" : "bottle";
	const filled = bottles === 1 ? `fill a ${what}` : `fill ${bottles} ${what}s`;
	return pot.bottling.solid ? `Taken out: ${filled}` : `Strained: ${filled}`;
}

type FieldsProps = {
	readonly index: number;
	readonly many: boolean;
	readonly pot: Pot;
	readonly bottle: Filling;
	readonly error: unknown;
	readonly onChange: (part: Partial<Filling>) => void;
};

function BottleFields({ index, many, pot, bottle, error, onChange }: FieldsProps) {
	const problem = problemAt(error, `bottles.${index}.volume`);
	const number = many ? ` ${index + 1}` : "";
	const sugar = sugarOf(pot, bottle);
	return (
		<div className="bottle-fields">
			<Form.Group controlId={`strained-${index}`}>
				<Form.Label>{(pot.bottling.solid ? "As weighed" : "As measured") + number}</Form.Label>
				<Form.Control
					value={bottle.volume}
					autoComplete="off"
					isInvalid={problem !== undefined}
					aria-describedby={`strained-${index}-problem`}
					onChange={(event) => onChange({ volume: event.target.value, guessed: false })}
				/>
				<Form.Control.Feedback type="invalid" id={`strained-${index}-problem`} role="alert">
					{problem}
				</Form.Control.Feedback>
				<Form.Check
					id={`guessed-${index}`}
					className="decision"
					checked={bottle.guessed}
					onChange={(event) => onChange({ guessed: event.target.checked })}
					label={`Not measured${number}: teaches nothing`}
				/>
			</Form.Group>
			<Form.Group controlId={`kept-${index}`}>
				<Form.Label>{`Kept${number}`}</Form.Label>
				<Form.Select value={bottle.keepId} onChange={(event) => onChange({ keepId: event.target.value })}>
					{pot.bottling.keeps.map((keep) => (
						<option key={keep.id} value={keep.id}>
							{keep.words}: {keep.days}
						</option>
					))}
				</Form.Select>
				{sugar && (
					<Form.Text as="div">
						{sugar.words} <WorkingMark of={`Sugar to keep it with${number}`} working={sugar.working} />
					</Form.Text>
				)}
			</Form.Group>
			<PlaceSelect
				id={`stands-${index}`}
				label={`Stands${number}`}
				value={bottle.placeId ?? ""}
				none="nobody said"
				onChange={(placeId) => onChange({ placeId: placeId || undefined })}
			/>
		</div>
	);
}

/** The sugar that a way of keeping it wants. */
function sugarOf(pot: Pot, bottle: Filling) {
	return pot.bottling.keeps.find((keep) => keep.id === bottle.keepId)?.sugar;
}

/** What usually comes out; with sugar it takes another bottle, which stands beside it. */
function Expected({ pot, sugared }: { readonly pot: Pot; readonly sugared: boolean }) {
	return (
		<Form.Text as="div" className="spaced-lines">
			<div>
				usually about {pot.bottling.expected.text}{" "}
				<WorkingMark of="What to expect" working={pot.bottling.expected.working} />
			</div>
			<div>
				at most {pot.bottling.most.text}{" "}
				<WorkingMark of="The most that can come out" working={pot.bottling.most.working} />
			</div>
			{!sugared && (
				<div>
					into a bottle of {pot.bottling.bottle.text} or more{" "}
					<WorkingMark of="The bottle to take" working={pot.bottling.bottle.working} />
				</div>
			)}
		</Form.Text>
	);
}
