import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { Link } from "react-router";
import { describe, expect, it, vi } from "vitest";
import { serve, show } from "../../testing/serve";
import { useNewVersion } from "./useNewVersion";

const version = vi.hoisted(() => ({ waits: false }));
vi.mock("../../offline/worker", () => ({
	newVersionWaits: () => version.waits,
	onNewVersion: () => () => {},
	takeNewVersion: () => {},
}));

function Page({ take }: { readonly take: () => void }) {
	useNewVersion(take);
	return <Link to="/pots">the pots</Link>;
}

describe("a new version", () => {
	it.each([
		[true, 1],
		[false, 0],
	])("is taken on the way to another page, where there is one (%s)", async (waits, times) => {
		version.waits = waits;
		serve({});
		const take = vi.fn();
		show(<Page take={take} />, "/round");
		expect(take).not.toHaveBeenCalled();
		await userEvent.click(screen.getByRole("link"));
		expect(take).toHaveBeenCalledTimes(times);
	});
});
