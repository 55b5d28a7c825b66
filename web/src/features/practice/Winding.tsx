import Button from "react-bootstrap/Button";
import type { PracticeScene } from "../../api/types";

type Props = {
	readonly scene: PracticeScene;
	readonly hour: number;
	readonly onWind: (hour: number) => void;
};

/** Time goes on, never back. */
export function Winding({ scene, hour, onWind }: Props) {
	const to = (then: number) => onWind(Math.min(scene.hours, then));
	return (
		<fieldset className="practice-acts">
			<legend>Time</legend>
			{scene.steps.map((step) => (
				<Button key={step.hours} variant="outline-secondary" onClick={() => to(hour + step.hours)}>
					{step.words}
				</Button>
			))}
			{scene.pots.some((pot) => pot.works) && (
				<Button
					variant="outline-secondary"
					onClick={() => to(scene.nextHour ?? scene.hours)}
					title="Until whoever passes by would notice something"
				>
					Until something shows
				</Button>
			)}
		</fieldset>
	);
}
