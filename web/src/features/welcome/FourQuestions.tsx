import Form from "react-bootstrap/Form";
import { troubleAt } from "../../api/problem";
import type { Garden, Welcome, WelcomeAnswers } from "../../api/types";
import { Options } from "../../shared/Options";
import { TextField } from "../../shared/TextField";
import { OwnMeasures } from "./OwnMeasures";

const UNITS = [
	{ id: "METRIC", words: "grams and litres" },
	{ id: "US", words: "ounces and US gallons" },
] as const;

type Props = {
	readonly garden: Garden;
	readonly welcome: Welcome;
	readonly answers: WelcomeAnswers;
	/** What was wrong with an answer. */
	readonly error: unknown;
	readonly onChange: (part: Partial<WelcomeAnswers>) => void;
};

/** Four questions, answered as most gardens would. */
export function FourQuestions(props: Props) {
	return (
		<ol className="questions">
			<Measures {...props} />
			<Tap {...props} />
			<Whereabouts {...props} />
			<Lift {...props} />
		</ol>
	);
}

function Measures({ garden, welcome, answers, onChange }: Props) {
	return (
		<li>
			<h2>What do you measure with?</h2>
			<Options label="Units" options={UNITS} value={answers.units} onChange={(units) => onChange({ units })} />
			<p className="mt-3 mb-1">And how you read a clock:</p>
			<Options
				label="How you read a clock"
				options={welcome.clocks}
				value={answers.clockface ?? garden.clockface}
				onChange={(clockface) => onChange({ clockface })}
			/>
			<OwnMeasures sizes={garden.sizes} />
		</li>
	);
}

function Tap({ welcome, answers, onChange }: Props) {
	return (
		<li>
			<h2>What does the tap carry?</h2>
			<Form.Group controlId="tap">
				<Form.Label visuallyHidden>What the tap carries</Form.Label>
				<Form.Select
					value={answers.tap}
					onChange={(event) => onChange({ tap: event.target.value as WelcomeAnswers["tap"] })}
				>
					{welcome.taps.map((tap) => (
						<option key={tap.id} value={tap.id}>
							{tap.words}
						</option>
					))}
				</Form.Select>
				<Form.Text>
					Chlorine kills the culture. Your water supplier says which it is; where nobody knows, both are dealt with.
				</Form.Text>
			</Form.Group>
		</li>
	);
}

function Whereabouts({ welcome, answers, error, onChange }: Props) {
	const usual = welcome.climates.find((climate) => climate.id === answers.climate);
	return (
		<li>
			<h2>Where is it?</h2>
			<div className="own-grid">
				<TextField
					id="garden-name"
					label="What you call it"
					value={answers.name}
					problem={troubleAt(error, "name")}
					onChange={(name) => onChange({ name })}
				/>
				<TextField
					id="zone"
					label="Time zone"
					value={answers.zone}
					problem={troubleAt(error, "zone")}
					hint="the city nearest to you in your zone: type a part of its name"
					known={welcome.zones}
					onChange={(zone) => onChange({ zone })}
				/>
				<Form.Group controlId="climate">
					<Form.Label>Climate</Form.Label>
					<Form.Select
						value={answers.climate}
						onChange={(event) => onChange({ climate: event.target.value as WelcomeAnswers["climate"] })}
					>
						{welcome.climates.map((climate) => (
							<option key={climate.id} value={climate.id}>
								{climate.words}
							</option>
						))}
					</Form.Select>
				</Form.Group>
				<TextField
					id="latitude"
					label="Latitude"
					value={answers.latitude ?? ""}
					problem={troubleAt(error, "latitude")}
					hint={`for sunrise and sunset, such as 51.5 or 33 S; left empty: ${usual?.latitude ?? ""}° N, usual for this climate`}
					onChange={(latitude) => onChange({ latitude })}
				/>
			</div>
		</li>
	);
}

function Lift({ welcome, answers, error, onChange }: Props) {
	return (
		<li>
			<h2>What can you lift?</h2>
			<TextField
				id="can-lift"
				label="How much can you lift with both hands?"
				value={answers.canLift}
				problem={troubleAt(error, "canLift")}
				hint={`${welcome.usualLift} for most people; a bucket that has to be carried is filled no further`}
				onChange={(canLift) => onChange({ canLift })}
			/>
		</li>
	);
}
