import { useNavigate } from "react-router";
import type { Recipe } from "../../api/types";
import { unwise } from "../../shared/Decision";
import { useWriteKey } from "../../shared/useWriteKey";
import { useCarryOut } from "../plan";
import { type Begun, requestOf, stepOf } from "./draft";
import { useSetPot } from "./queries";

/** Sets the pot, lets go of what was typed, carries out the step of the plan that it was begun for, and opens its page. */
export function useSetting(search: URLSearchParams, letGo: () => void) {
	const navigate = useNavigate();
	const setPot = useSetPot();
	const carryOut = useCarryOut();
	const key = useWriteKey();
	const step = stepOf(search);
	const set = (begun: Begun, recipe: Recipe, decided: boolean) => {
		const { name = recipe.title, draft, origin } = begun;
		const confirmed = decided ? unwise(recipe.findings).map((finding) => finding.rule) : [];
		setPot.mutate(key.keyed({ name, recipe: requestOf(draft), confirmed, origin }), {
			onSuccess: (pot) => {
				key.renew();
				letGo();
				const open = () => navigate(`/pots/${pot.summary.id}`);
				if (step) {
					carryOut.mutate({ step, potId: pot.summary.id }, { onSettled: open });
				} else {
					open();
				}
			},
		});
	};
	return { setPot, set, planned: step !== undefined };
}
