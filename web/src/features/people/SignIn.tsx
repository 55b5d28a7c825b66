import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { ProblemNote } from "../../shared/ProblemNote";
import { Passphrase } from "./Passphrase";
import { useSignIn, useSignInByCode } from "./queries";

/** The garden's gate: by name and passphrase, or by a code from the computer. */
export function SignIn() {
	return (
		<div className="pots narrow-page gate">
			<h1>The gate is closed</h1>
			<p>This garden is its owner's. A code shown on the computer lets this device in, once.</p>
			<ByCode />
			<h2>Or by your name</h2>
			<ByName />
		</div>
	);
}

function ByCode() {
	const [code, setCode] = useState("");
	const enter = useSignInByCode();
	return (
		<Form
			noValidate
			aria-label="Come in by a code"
			onSubmit={(event) => {
				event.preventDefault();
				enter.mutate(code);
			}}
		>
			<Form.Group controlId="letting-code">
				<Form.Label>Code</Form.Label>
				<Form.Control
					value={code}
					autoComplete="one-time-code"
					autoCapitalize="characters"
					maxLength={20}
					onChange={(event) => setCode(event.target.value)}
				/>
				<Form.Text>On the computer: Store, Phones and people, “Let a device in”. It counts for two minutes.</Form.Text>
			</Form.Group>
			<div className="actions">
				<Button type="submit" variant="primary" disabled={enter.isPending || code.trim() === ""}>
					Come in
				</Button>
			</div>
			{enter.error && <ProblemNote error={enter.error} />}
		</Form>
	);
}

function ByName() {
	const [name, setName] = useState("");
	const [passphrase, setPassphrase] = useState("");
	const [trusted, setTrusted] = useState(true);
	const enter = useSignIn();
	return (
		<Form
			noValidate
			aria-label="Come in by your name"
			onSubmit={(event) => {
				event.preventDefault();
				enter.mutate({ name, passphrase, trusted });
			}}
		>
			<Form.Group controlId="sign-in-name">
				<Form.Label>Name</Form.Label>
				<Form.Control
					value={name}
					autoComplete="username"
					maxLength={60}
					onChange={(event) => setName(event.target.value)}
				/>
			</Form.Group>
			<Passphrase id="sign-in-passphrase" label="Passphrase" value={passphrase} onChange={setPassphrase} />
			<Form.Check
				id="sign-in-trusted"
				type="checkbox"
				label="This device is mine: know it for 90 days"
				checked={trusted}
				onChange={(event) => setTrusted(event.target.checked)}
			/>
			<div className="actions">
				<Button type="submit" variant="outline" disabled={enter.isPending || name.trim() === "" || passphrase === ""}>
					Sign in
				</Button>
			</div>
			{enter.error && <ProblemNote error={enter.error} />}
		</Form>
	);
}
