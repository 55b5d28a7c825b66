import Button from "react-bootstrap/Button";
import { isOnlyWaiting, useWaiting } from "../../outbox";
import { useMe, useSignOut } from "./queries";

/** What a phone can do before it trusts the garden's certificate and after, and how it comes to. */
export function PhonePage() {
	const me = useMe().data;
	const out = useSignOut();
	const waiting = useWaiting().filter(isOnlyWaiting).length;
	return (
		<div className="pots narrow-page gate">
			<h1>This phone</h1>
			{me && !me.atTheMachine && (
				<p>
					Let in as <b>{me.name}</b>.{" "}
					<Button variant="link" className="px-0" disabled={out.isPending} onClick={() => out.mutate()}>
						Put this device out
					</Button>
					{waiting > 0 && (
						<span className="d-block">
							{waiting === 1 ? "One thing waits" : `${waiting} things wait`} here to be sent. Put out, this device can't
							send it; it stays here until {me.name} is let in again.
						</span>
					)}
				</p>
			)}
			<h2>Without the garden's certificate</h2>
			<p>
				After one warning everything works: rounds, visits, pictures, feeds; and what you write while you are out of
				reach waits in the open page. Only putting the garden on the home screen as an app, and opening it without a
				connection, wait for the certificate.
			</p>
			<h2>With it</h2>
			<p>
				No warning any more, and the garden opens without a connection: the round, pots, bottles, beds, the book and
				today's mixes as they were last, what you write kept until you are back in reach. The certificate vouches for
				names and addresses of a home network alone: whoever had its key could still pretend to be no other site.
			</p>
			<a className="btn btn-outline" href="/api/authority.crt" download="pot-mellow.crt">
				Get the garden's certificate
			</a>
			<h2>How it is installed</h2>
			<dl className="how-to">
				<dt>Android</dt>
				<dd>
					Open the settings and look for “CA certificate” (under Security, Encryption and credentials, Install a
					certificate). Choose CA certificate, confirm, and pick <code>pot-mellow.crt</code> from the downloads.
				</dd>
				<dt>iPhone, iPad</dt>
				<dd>
					After the download open Settings: “Profile downloaded” stands on top; install it. Then General, About,
					Certificate trust settings: switch it on for “Pot Mellow”.
				</dd>
				<dt>Windows, macOS</dt>
				<dd>
					Open the file. Windows: place it in “Trusted root certification authorities”. macOS: in the keychain, set it
					to “Always trust”.
				</dd>
				<dt>Linux</dt>
				<dd>
					In the browser's settings, under certificates and authorities, import the file and trust it for websites.
				</dd>
			</dl>
			<p className="soft small">
				Menus are named a little differently from version to version; these are from memory. To be sure that it is the
				right certificate, compare its SHA-256 with the one on the computer, under Phones and people.
			</p>
		</div>
	);
}
