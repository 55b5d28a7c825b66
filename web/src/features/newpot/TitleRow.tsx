import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import type { Recipe } from "../../api/types";

type Props = {
	readonly recipe: Recipe;
	readonly name: string;
	readonly problem?: string;
	readonly onName: (name: string) => void;
};

/** The name of the pot, and where its method is told. */
export function TitleRow({ recipe, name, problem, onName }: Props) {
	return (
		<div className="title-row">
			<Form.Group className="name-field" controlId="name">
				<Form.Label visuallyHidden>Name of the pot</Form.Label>
				<Form.Control
					value={name}
					onChange={(event) => onName(event.target.value)}
					isInvalid={problem !== undefined}
					aria-describedby="name-problem"
				/>
				<Form.Control.Feedback type="invalid" id="name-problem" role="alert">
					{problem}
				</Form.Control.Feedback>
			</Form.Group>
			<span className="soft">
				{recipe.title.toLowerCase()} ·{" "}
				<Link className="in-line" to={`/book/methods/${recipe.methodId}`}>
					the page in the book
				</Link>
			</span>
		</div>
	);
}
