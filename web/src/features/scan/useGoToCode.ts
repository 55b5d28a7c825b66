import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { codeQuery } from "../labels/queries";

/** Leads straight to what a code holds: its one pot, or else the page that tells what it is and was. */
export function useGoToCode(): (code: string) => Promise<void> {
	const queryClient = useQueryClient();
	const navigate = useNavigate();
	return async (code) => {
		const holds = await queryClient.fetchQuery(codeQuery(code, "")).catch(() => undefined);
		const [pot, ...others] = holds?.onDay ?? [];
		navigate(pot && others.length === 0 ? `/pots/${pot.id}` : `/codes/${code}`);
	};
}
