import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link } from "react-router";
import { problemAt } from "../../api/problem";
import type { Home } from "../../api/types";
import { QrDrawing } from "../../drawings/QrDrawing";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useChangeHome } from "./queries";

type Props = { readonly home: Home; readonly signsIn: boolean };

/** Whether the garden answers on the home network, and where a phone finds it. */
export function HomeSwitch({ home, signsIn }: Props) {
	const [name, setName] = useState(home.name);
	const change = useChangeHome();
	const problem = problemAt(change.error, "name");
	const opened = home.opened || home.byStart;
	return (
		<>
			<h2>The home network</h2>
			<Where home={home} />
			{home.trouble && (
				<div className="note warn" role="status">
					<b>Note</b>
					<span>{home.trouble}</span>
				</div>
			)}
			{home.demo ? (
				<p className="soft">The sample world is never opened to a network. Your own garden: ./mellow start</p>
			) : (
				<Form
					noValidate
					aria-label="The home network"
					onSubmit={(event) => {
						event.preventDefault();
						change.mutate({ opened: home.opened, name });
					}}
				>
					<TextField
						id="network-name"
						label="Its name in the network"
						value={name}
						problem={problem}
						hint={`phones find it as ${name || "mellow"}.local`}
						onChange={setName}
					/>
					<div className="actions">
						<Button
							variant={opened ? "outline" : "primary"}
							disabled={change.isPending || home.byStart || (!opened && !signsIn)}
							onClick={() => change.mutate({ opened: !home.opened, name })}
						>
							{opened ? "Close it to the network" : "Open it to the home network"}
						</Button>
						{name !== home.name && (
							<Button type="submit" variant="outline" disabled={change.isPending}>
								Keep the name
							</Button>
						)}
					</div>
					{home.byStart && <p className="soft small">It was started with --home: without that, the switch counts.</p>}
					{!opened && !signsIn && (
						<p className="soft small">First an owner with a passphrase: add yourself, then set it.</p>
					)}
				</Form>
			)}
			{change.error && !problem && <ProblemNote error={change.error} />}
		</>
	);
}

function Where({ home }: { readonly home: Home }) {
	if (!home.open || !home.address) {
		return <p>Closed: the garden answers on this machine alone.</p>;
	}
	return (
		<>
			<p>
				Open: phones and other machines of your home find it at
				<br />
				<b className="home-address">{home.address}</b>
			</p>
			{home.qr && (
				<div className="home-qr">
					<QrDrawing qr={home.qr} label={`Leads to ${home.address}`} />
				</div>
			)}
			<p className="soft small">
				{home.others.length > 0 && `Where no name is found: ${home.others.join(" or ")}. `}
				<Link className="in-line" to="/phone">
					What the phone's warning means, and how to be without it
				</Link>
			</p>
			{home.fingerprint && (
				<details>
					<summary>The certificate's SHA-256</summary>
					<code className="fingerprint">{home.fingerprint}</code>
				</details>
			)}
		</>
	);
}
