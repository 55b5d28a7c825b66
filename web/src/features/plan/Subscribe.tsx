import { useMutation } from "@tanstack/react-query";
import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import { answer, client } from "../../api/client";
import { ProblemNote } from "../../shared/ProblemNote";
import { useMay } from "../people";

/** An address of its own for a calendar program, which can't sign in; whoever knows it reads the plan, and nothing else. */
export function Subscribe() {
	const owner = useMay("OWNER");
	const make = useMutation({
		mutationFn: () => answer(client.POST("/api/outside/tokens", { body: { name: "Calendar", scope: "CALENDAR" } })),
	});
	if (!owner) {
		return null;
	}
	return (
		<>
			<Button variant="link" className="px-0" disabled={make.isPending} onClick={() => make.mutate()}>
				Make an address to subscribe to
			</Button>
			{make.data?.address && (
				<p className="soft small" role="status">
					Give your calendar this address, shown this once: <span className="plan-address">{make.data.address}</span>.
					Whoever knows it reads the plan; it is revoked under{" "}
					<Link className="in-line" to="/readings">
						Readings
					</Link>
					.
				</p>
			)}
			{make.error && <ProblemNote error={make.error} />}
		</>
	);
}
