import Button from "react-bootstrap/Button";
import type { Mix } from "../../api/types";

type Props = {
	readonly short: NonNullable<Mix["tooShort"]>;
	readonly onLess: (mix: string) => void;
	readonly onRest: (brew: number, bottleId: string) => void;
};

/** What can be done about a bottle that holds too little. */
export function TooShort({ short, onLess, onRest }: Props) {
	return (
		<fieldset className="actions" aria-label="The bottle is too short">
			<Button variant="outline" onClick={() => onLess(short.makes)}>
				Make {short.makes} of it
			</Button>
			{short.rests.map((rest) => (
				<Button key={rest.bottleId} variant="outline" onClick={() => onRest(short.brew, rest.bottleId)}>
					The rest from {rest.code}
				</Button>
			))}
		</fieldset>
	);
}
