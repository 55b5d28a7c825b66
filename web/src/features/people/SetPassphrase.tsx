import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { troubleAt } from "../../api/problem";
import type { Person } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { Passphrase } from "./Passphrase";
import { useMe, useSetPassphrase } from "./queries";

type Props = { readonly person: Person; readonly onDone: () => void };

/** A passphrase for somebody; over the network the own one is asked for first. */
export function SetPassphrase({ person, onDone }: Props) {
	const me = useMe().data;
	const [passphrase, setPassphrase] = useState("");
	const [own, setOwn] = useState("");
	const set = useSetPassphrase();
	const trouble = troubleAt(set.error, "passphrase");
	const ownTrouble = troubleAt(set.error, "own");
	return (
		<Form
			noValidate
			aria-label={`The passphrase of ${person.name}`}
			onSubmit={(event) => {
				event.preventDefault();
				set.mutate({ id: person.id, passphrase, own }, { onSuccess: onDone });
			}}
		>
			<input type="hidden" autoComplete="username" value={person.name} readOnly />
			{me && !me.atTheMachine && (
				<Passphrase
					id="own-passphrase"
					label="Your own passphrase"
					value={own}
					problem={ownTrouble}
					onChange={setOwn}
				/>
			)}
			<Passphrase
				id="new-passphrase"
				label={`New passphrase for ${person.name}`}
				value={passphrase}
				fresh
				problem={trouble}
				hint="12 characters or more: three or four words that don't belong together"
				onChange={setPassphrase}
			/>
			<div className="actions">
				<Button type="submit" variant="outline" disabled={set.isPending || passphrase === ""}>
					Set it
				</Button>
			</div>
			{person.devices.length > 0 && <p className="soft small">Their devices have to be let in anew.</p>}
			{set.error && !trouble && !ownTrouble && <ProblemNote error={set.error} />}
		</Form>
	);
}
