import Button from "react-bootstrap/Button";
import { Link } from "react-router";

type Props = { readonly name: string; readonly onAgain: () => void };

/** A pour that waits for a connection: its bottles are lowered when it is sent. */
export function KeptPour({ name, onAgain }: Props) {
	return (
		<section className="pots poured" aria-label="Kept here">
			<div role="status">
				<h1>Kept here: the feed for {name}</h1>
				<p>
					Nothing answers. The feed is kept on this device as it was shown, with its moment, and sent by itself, once.
					The bottle's level and what comes next follow then, and it is judged when sent.
				</p>
			</div>
			<div className="actions">
				<Button variant="primary" onClick={onAgain}>
					Mix another
				</Button>
				<Link className="btn btn-link" to="/">
					to the round
				</Link>
			</div>
		</section>
	);
}
