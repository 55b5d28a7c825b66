import Button from "react-bootstrap/Button";
import { Link, useNavigate } from "react-router";
import type { Me } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useSignInByCode } from "./queries";

type Props = { readonly code: string; readonly me: Me | undefined };

/** Where a scanned code leads: one tap, so that nothing that only looks at addresses uses it up. */
export function Enter({ code, me }: Props) {
	const enter = useSignInByCode();
	const navigate = useNavigate();
	if (me?.letIn) {
		return (
			<div className="pots narrow-page gate">
				<h1>You are in</h1>
				<p>{me.atTheMachine ? "At the machine itself nobody signs in." : `This device is let in as ${me.name}.`}</p>
				<div className="actions">
					<Link className="btn btn-primary" to="/round">
						To the round
					</Link>
					<Link className="btn btn-outline" to="/phone">
						Be without the warning
					</Link>
				</div>
			</div>
		);
	}
	return (
		<div className="pots narrow-page gate">
			<h1>Come into the garden</h1>
			<p>The code {code} lets this device in, once. It is known for 90 days then, until somebody puts it out.</p>
			<div className="actions">
				<Button
					variant="primary"
					disabled={enter.isPending}
					onClick={() => enter.mutate(code, { onSuccess: () => navigate("/phone", { replace: true }) })}
				>
					Let this device in
				</Button>
			</div>
			{enter.error && (
				<>
					<ProblemNote error={enter.error} />
					<Link to="/round">Come in another way</Link>
				</>
			)}
		</div>
	);
}
