import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { forgetAnswers } from "../../offline/answers";
import { serve, show } from "../../testing/serve";
import { Gate } from "./Gate";
import { PhonesPage } from "./PhonesPage";

vi.mock("../../offline/answers", () => ({ forgetAnswers: vi.fn(async () => {}) }));

const STRANGER = { letIn: false, atTheMachine: false, name: "", keeps: false };
const WILMA = { letIn: true, atTheMachine: false, name: "Wilma", role: "OWNER", keeps: true };
const ROLES = [
	{ role: "LOOKER", words: "goes the rounds and logs visits" },
	{ role: "GARDENER", words: "may everything but settings, people and backups" },
	{ role: "OWNER", words: "may everything" },
];
const QR = { size: 29, path: "M4 4h7v1h-7z" };
const CLOSED = { opened: false, byStart: false, name: "mellow", open: false, others: [], demo: false };
const OPEN = {
	...CLOSED,
	opened: true,
	open: true,
	address: "https://mellow.local:8443",
	others: ["https://192.168.1.20:8443"],
	qr: QR,
	fingerprint: "AB:CD",
};
const PHONE = { id: "d1", name: "Android phone", since: "2026-05-01T08:00:00Z", usedAt: "2026-05-20T08:00:00Z" };

function person(changed = {}) {
	return { id: "w", name: "Wilma", role: "OWNER", signsIn: true, devices: [], ...changed };
}

function gate(replies: Parameters<typeof serve>[0]) {
	let me: object = STRANGER;
	const sent = serve({ "GET /api/me": () => [200, me], ...replies });
	return { sent, letIn: () => (me = WILMA) };
}

describe("the gate", () => {
	it("shows the garden to who is let in", async () => {
		serve({});
		show(<Gate>the garden</Gate>);
		expect(await screen.findByText("the garden")).toBeInTheDocument();
	});

	it.each([
		["a stranger", STRANGER, 1],
		["a borrowed device", { ...WILMA, keeps: false }, 1],
		["a device of one's own", { ...WILMA, keeps: true }, 0],
	])("lets %s keep nothing that it may not", async (_who, me, times) => {
		vi.mocked(forgetAnswers).mockClear();
		serve({ "GET /api/me": () => [200, me] });
		show(<Gate>the garden</Gate>);
		expect(await screen.findByText(me.letIn ? "the garden" : "The gate is closed")).toBeVisible();
		await waitFor(() => expect(forgetAnswers).toHaveBeenCalledTimes(times));
	});

	it("lets a device in by a code that is typed", async () => {
		const { sent, letIn } = gate({
			"POST /api/sign-in/code": () => {
				letIn();
				return [200, WILMA];
			},
		});
		show(<Gate>the garden</Gate>);
		await userEvent.type(await screen.findByLabelText("Code"), "BCDF2345");
		await userEvent.click(screen.getByRole("button", { name: "Come in" }));
		expect(await screen.findByText("the garden")).toBeInTheDocument();
		expect(sent[0]?.body).toEqual({ code: "BCDF2345" });
	});

	it("says why nobody is let in, and keeps what was typed", async () => {
		gate({ "POST /api/sign-in": () => [401, { status: 401, code: "wrong", detail: "They don't belong together." }] });
		show(<Gate>the garden</Gate>);
		await userEvent.type(await screen.findByLabelText("Name"), "Wilma");
		await userEvent.type(screen.getByLabelText("Passphrase"), "a guess");
		await userEvent.click(screen.getByRole("button", { name: "Sign in" }));
		expect(await screen.findByText("They don't belong together.")).toBeInTheDocument();
		expect(screen.getByLabelText("Name")).toHaveValue("Wilma");
		expect(screen.queryByText("the garden")).not.toBeInTheDocument();
	});

	it("uses a scanned code up only once somebody taps", async () => {
		const { sent } = gate({
			"POST /api/sign-in/code": () => [401, { status: 401, code: "code-over", detail: "This code no longer counts." }],
		});
		show(<Gate>the garden</Gate>, "/in/BCDF2345");
		const enter = await screen.findByRole("button", { name: "Let this device in" });
		expect(sent).toEqual([]);
		await userEvent.click(enter);
		expect(await screen.findByRole("alert")).toHaveTextContent("no longer counts");
	});
});

describe("phones and people", () => {
	it("asks for an owner with a passphrase before the garden is opened", async () => {
		serve({
			"GET /api/home": () => [200, CLOSED],
			"GET /api/people": () => [200, { people: [], roles: ROLES }],
		});
		show(<PhonesPage />);
		expect(await screen.findByRole("button", { name: "Open it to the home network" })).toBeDisabled();
		expect(screen.getByText(/First an owner with a passphrase/)).toBeInTheDocument();
	});

	it("opens the garden under the name that was typed", async () => {
		let home: object = CLOSED;
		const sent = serve({
			"GET /api/home": () => [200, home],
			"GET /api/people": () => [200, { people: [person()], roles: ROLES }],
			"PUT /api/home": () => {
				home = OPEN;
				return [200, OPEN];
			},
		});
		show(<PhonesPage />);
		const name = await screen.findByLabelText("Its name in the network");
		await userEvent.clear(name);
		await userEvent.type(name, "shed");
		await userEvent.click(screen.getByRole("button", { name: "Open it to the home network" }));
		expect(await screen.findByText("https://mellow.local:8443")).toBeInTheDocument();
		expect(sent[0]?.body).toEqual({ opened: true, name: "shed" });
	});

	it("shows a code for one device, with the time it has left", async () => {
		serve({
			"GET /api/home": () => [200, OPEN],
			"GET /api/people": () => [200, { people: [person()], roles: ROLES }],
			"POST /api/people/w/codes": () => [
				200,
				{
					code: "BCDF2345",
					until: new Date(Date.now() + 120_000).toISOString(),
					link: "https://mellow.local:8443/in/BCDF2345",
					qr: QR,
				},
			],
		});
		show(<PhonesPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Let a device in" }));
		expect(await screen.findByText("BCDF2345")).toBeInTheDocument();
		expect(screen.getByText(/seconds left/)).toBeInTheDocument();
		expect(screen.getByRole("img", { name: "Leads to https://mellow.local:8443/in/BCDF2345" })).toBeInTheDocument();
	});

	it("puts one device out", async () => {
		let devices = [PHONE];
		const sent = serve({
			"GET /api/home": () => [200, OPEN],
			"GET /api/people": () => [200, { people: [person({ devices })], roles: ROLES }],
			"POST /api/people/w/devices/d1/revocations": () => {
				devices = [];
				return [200, { people: [person()], roles: ROLES }];
			},
		});
		show(<PhonesPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Put out the Android phone of Wilma" }));
		await waitFor(() => expect(screen.queryByText(/Android phone/)).not.toBeInTheDocument());
		expect(sent).toHaveLength(1);
	});

	it("says beside the field what a passphrase lacks", async () => {
		serve({
			"GET /api/home": () => [200, OPEN],
			"GET /api/people": () => [200, { people: [person()], roles: ROLES }],
			"PUT /api/people/w/passphrase": () => [
				422,
				{ status: 422, code: "not-allowed", field: "passphrase", detail: "It is too short." },
			],
		});
		show(<PhonesPage />);
		await userEvent.click(await screen.findByRole("button", { name: "Another passphrase" }));
		await userEvent.type(screen.getByLabelText("New passphrase for Wilma"), "short");
		await userEvent.click(screen.getByRole("button", { name: "Set it" }));
		expect(await screen.findByText("It is too short.")).toBeInTheDocument();
		expect(screen.getByLabelText("New passphrase for Wilma")).toHaveValue("short");
	});
});
