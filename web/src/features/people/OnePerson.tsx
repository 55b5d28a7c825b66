import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import type { Home, People, Person, Role } from "../../api/types";
import { shortDayAndTime } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { useGarden } from "../garden";
import { LettingIn } from "./LettingIn";
import { useChangeRole, useRemovePerson, useRevokeDevice } from "./queries";
import { SetPassphrase } from "./SetPassphrase";

type Props = { readonly person: Person; readonly roles: People["roles"]; readonly home: Home };

/** Somebody who may come in: what they may, their devices, and the ways to let them in or out. */
export function OnePerson({ person, roles, home }: Props) {
	const [open, setOpen] = useState<"code" | "passphrase" | "removal">();
	const change = useChangeRole();
	const remove = useRemovePerson();
	const toggle = (what: typeof open) => setOpen(open === what ? undefined : what);
	return (
		<li>
			<div className="person-head">
				<b>{person.name}</b>
				<Form.Select
					aria-label={`What ${person.name} may`}
					value={person.role}
					disabled={change.isPending}
					onChange={(event) => change.mutate({ id: person.id, role: event.target.value as Role })}
				>
					{roles.map((one) => (
						<option key={one.role} value={one.role}>
							{one.role.toLowerCase()}: {one.words}
						</option>
					))}
				</Form.Select>
			</div>
			<Devices person={person} />
			<div className="actions">
				<Button variant="outline" disabled={!home.open} onClick={() => toggle("code")}>
					Let a device in
				</Button>
				<Button variant="link" onClick={() => toggle("passphrase")}>
					{person.signsIn ? "Another passphrase" : "Set a passphrase"}
				</Button>
				<Button variant="link" onClick={() => toggle("removal")}>
					Remove {person.name}
				</Button>
			</div>
			{open === "code" && home.open && <LettingIn person={person} />}
			{open === "passphrase" && <SetPassphrase person={person} onDone={() => setOpen(undefined)} />}
			{open === "removal" && (
				<div className="note warn">
					<b>Remove</b>
					<span>
						{person.name} and all their devices come in no longer, from now on. What they did stays on the record.{" "}
						<Button variant="outline" disabled={remove.isPending} onClick={() => remove.mutate(person.id)}>
							Remove {person.name}
						</Button>
					</span>
				</div>
			)}
			{(change.error ?? remove.error) && <ProblemNote error={change.error ?? remove.error} />}
		</li>
	);
}

function Devices({ person }: { readonly person: Person }) {
	const garden = useGarden().data;
	const revoke = useRevokeDevice();
	if (person.devices.length === 0) {
		return <p className="soft small mb-0">No device of theirs is let in{person.signsIn && "; they can sign in"}.</p>;
	}
	return (
		<ul className="devices">
			{person.devices.map((device) => (
				<li key={device.id}>
					{device.name}
					{garden && <small className="soft"> · last used {shortDayAndTime(device.usedAt, garden)}</small>}
					<Button
						variant="link"
						aria-label={`Put out the ${device.name} of ${person.name}`}
						disabled={revoke.isPending}
						onClick={() => revoke.mutate({ id: person.id, device: device.id })}
					>
						put it out
					</Button>
				</li>
			))}
			{revoke.error && <ProblemNote error={revoke.error} />}
		</ul>
	);
}
