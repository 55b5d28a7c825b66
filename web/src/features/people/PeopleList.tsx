import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt } from "../../api/problem";
import type { Home, People, Role } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { OnePerson } from "./OnePerson";
import { useAddPerson, useRevokeAll } from "./queries";

type Props = { readonly people: People; readonly home: Home };

/** Everybody who may come in. */
export function PeopleList({ people, home }: Props) {
	const everywhere = useRevokeAll();
	const devices = people.people.flatMap((person) => person.devices);
	return (
		<>
			{people.people.length === 0 && (
				<p>
					Nobody yet: only whoever sits at this machine reaches the garden. Add yourself as its owner and set a
					passphrase, then open the home network and let your phone in.
				</p>
			)}
			<ul className="card-lines people">
				{people.people.map((person) => (
					<OnePerson key={person.id} person={person} roles={people.roles} home={home} />
				))}
			</ul>
			<AddPerson roles={people.roles} first={people.people.length === 0} />
			{devices.length > 1 && (
				<Button
					variant="link"
					className="px-0 mt-3"
					disabled={everywhere.isPending}
					onClick={() => everywhere.mutate()}
				>
					Put all {devices.length} devices out
				</Button>
			)}
			{everywhere.error && <ProblemNote error={everywhere.error} />}
		</>
	);
}

type AddProps = { readonly roles: People["roles"]; readonly first: boolean };

function AddPerson({ roles, first }: AddProps) {
	const [name, setName] = useState("");
	const [role, setRole] = useState<Role>("GARDENER");
	const add = useAddPerson();
	const problem = problemAt(add.error, "name");
	return (
		<Form
			noValidate
			aria-label="Add somebody"
			className="mt-4"
			onSubmit={(event) => {
				event.preventDefault();
				add.mutate({ name, role: first ? "OWNER" : role }, { onSuccess: () => setName("") });
			}}
		>
			<h2>{first ? "You" : "Somebody else"}</h2>
			<div className="own-grid">
				<TextField id="person-name" label="Name" value={name} problem={problem} onChange={setName} />
				{!first && (
					<Form.Group controlId="person-role">
						<Form.Label>May</Form.Label>
						<Form.Select value={role} onChange={(event) => setRole(event.target.value as Role)}>
							{roles.map((one) => (
								<option key={one.role} value={one.role}>
									{one.role.toLowerCase()}: {one.words}
								</option>
							))}
						</Form.Select>
					</Form.Group>
				)}
			</div>
			<div className="actions">
				<Button type="submit" variant={first ? "primary" : "outline"} disabled={add.isPending || name.trim() === ""}>
					{first ? "Add yourself as the owner" : "Add"}
				</Button>
			</div>
			{add.error && !problem && <ProblemNote error={add.error} />}
		</Form>
	);
}
