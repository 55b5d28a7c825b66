import { render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { Suspense } from "react";
import { Link, MemoryRouter, Route, Routes } from "react-router";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { Announcer, announce } from "../shared/announce";
import { serve, show } from "../testing/serve";
import { unforeseenCalls } from "../testing/unforeseen";
import { lazily } from "./lazily";
import { NothingHere } from "./NothingHere";
import { useArrival } from "./useArrival";
import { ViewBoundary } from "./ViewBoundary";

let broken = false;

function Shaky() {
	if (broken) {
		throw new TypeError("pot is undefined");
	}
	return <h1>Pots</h1>;
}

function Page() {
	return <h1>Here</h1>;
}

describe("a view that stumbles", () => {
	it("is told in its place as what it is, and can be tried again", async () => {
		vi.spyOn(console, "error").mockImplementation(() => {});
		broken = true;
		show(
			<>
				<header>Band</header>
				<ViewBoundary>
					<Shaky />
				</ViewBoundary>
			</>,
		);
		expect(screen.getByRole("alert")).toHaveTextContent("stumbled over itself here (TypeError: pot is undefined)");
		expect(screen.getByText("Band")).toBeVisible();
		broken = false;
		await userEvent.click(screen.getByRole("button", { name: "Try again" }));
		expect(screen.getByRole("heading", { name: "Pots" })).toBeVisible();
	});
});

describe("an address that leads nowhere", () => {
	it("says so, and shows the ways on", () => {
		show(<NothingHere />, "/potz");
		expect(screen.getByRole("heading", { name: "Nothing is here" })).toBeVisible();
		expect(screen.getByText("/potz")).toBeVisible();
		expect(screen.getByRole("link", { name: "To the round" })).toHaveAttribute("href", "/round");
	});
});

describe("a view in a file of its own", () => {
	beforeEach(() => vi.spyOn(console, "error").mockImplementation(() => {}));

	it("loads the page anew, once, where that file is gone", async () => {
		const reload = vi.fn();
		const Gone = lazily<"Page">(() => Promise.reject(new Error("no such file")), "Page", reload);
		show(
			<ViewBoundary>
				<Suspense fallback="fetching">
					<Gone />
				</Suspense>
			</ViewBoundary>,
		);
		await waitFor(() => expect(reload).toHaveBeenCalledOnce());
		const Again = lazily<"Page">(() => Promise.reject(new Error("no such file")), "Page", reload);
		show(
			<ViewBoundary>
				<Suspense fallback="fetching">
					<Again />
				</Suspense>
			</ViewBoundary>,
		);
		expect(await screen.findByText("This page stumbled")).toBeVisible();
		expect(reload).toHaveBeenCalledOnce();
	});

	it("forgets that once a file came", async () => {
		window.sessionStorage.setItem("pot-mellow.reloaded", "once");
		const Here = lazily(() => Promise.resolve({ Page }), "Page");
		show(
			<Suspense fallback="fetching">
				<Here />
			</Suspense>,
		);
		expect(await screen.findByText("Here")).toBeVisible();
		expect(window.sessionStorage.getItem("pot-mellow.reloaded")).toBeNull();
	});
});

function Trial() {
	useArrival();
	return (
		<>
			<nav>
				<Link to="/pots">Pots</Link>
				<Link to="/mix">Mix</Link>
				<Link to="/pots#end">Strain it</Link>
			</nav>
			<main id="view">
				<Routes>
					<Route path="/round" element={<h1>Nine stops</h1>} />
					<Route
						path="/pots"
						element={
							<>
								<h1>All pots</h1>
								<div id="end">
									<button type="button">Strained</button>
								</div>
							</>
						}
					/>
					<Route
						path="/mix"
						element={
							<form>
								<h1>Mix</h1>
								{/* biome-ignore lint/a11y/noAutofocus: the trial of a view that takes the focus itself */}
								<input aria-label="Can" autoFocus />
							</form>
						}
					/>
				</Routes>
			</main>
		</>
	);
}

describe("arriving at a view", () => {
	const arrive = () =>
		render(
			<MemoryRouter initialEntries={["/round"]}>
				<Trial />
			</MemoryRouter>,
		);

	it("names the window after the view", async () => {
		arrive();
		expect(document.title).toBe("Nine stops · Pot Mellow");
		await userEvent.click(screen.getByRole("link", { name: "Pots" }));
		expect(document.title).toBe("All pots · Pot Mellow");
	});

	it("leads to its heading, but not at the very first", async () => {
		arrive();
		expect(document.body).toHaveFocus();
		await userEvent.click(screen.getByRole("link", { name: "Pots" }));
		expect(screen.getByRole("heading", { name: "All pots" })).toHaveFocus();
	});

	it("leads to the part that the address names", async () => {
		arrive();
		await userEvent.click(screen.getByRole("link", { name: "Strain it" }));
		expect(screen.getByRole("button", { name: "Strained" })).toHaveFocus();
	});

	it("takes nothing from a view that leads somewhere itself", async () => {
		arrive();
		await userEvent.click(screen.getByRole("link", { name: "Mix" }));
		expect(screen.getByLabelText("Can")).toHaveFocus();
	});
});

describe("what was done", () => {
	it("is read out, and read out again where it is done again", async () => {
		const { container } = render(<Announcer />);
		const region = container.querySelector("[aria-live=polite]");
		announce("Sea-beet juice: logged.");
		await waitFor(() => expect(region).toHaveTextContent("Sea-beet juice: logged."));
		const first = region?.textContent;
		announce("Sea-beet juice: logged.");
		await waitFor(() => expect(region?.textContent).not.toBe(first));
	});
});

describe("a test's server", () => {
	it("tells of every call that it wasn't prepared for", async () => {
		serve({});
		await fetch("/api/nowhere").catch(() => {});
		expect(unforeseenCalls()).toEqual(["GET /api/nowhere"]);
	});
});
