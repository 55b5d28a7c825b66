import { ProblemNote } from "../../shared/ProblemNote";
import { HomeSwitch } from "./HomeSwitch";
import { PeopleList } from "./PeopleList";
import { useHome, usePeople } from "./queries";

/** Who may come in from the home network, and with what. */
export function PhonesPage() {
	const home = useHome();
	const people = usePeople();
	if (!home.data || !people.data) {
		const error = home.error ?? people.error;
		return <div className="pots">{error ? <ProblemNote error={error} /> : "Looking who is at the gate …"}</div>;
	}
	return (
		<div className="page-two">
			<section className="main" aria-label="People and their devices">
				<h1>Phones and people</h1>
				<PeopleList people={people.data} home={home.data} />
			</section>
			<section className="side" aria-label="The home network">
				<HomeSwitch key={home.data.name} home={home.data} signsIn={people.data.people.some(ownsAPassphrase)} />
			</section>
		</div>
	);
}

function ownsAPassphrase(person: { readonly role: string; readonly signsIn: boolean }): boolean {
	return person.role === "OWNER" && person.signsIn;
}
