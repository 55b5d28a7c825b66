import { type ReactNode, useEffect } from "react";
import { useLocation } from "react-router";
import { forgetAnswers } from "../../offline/answers";
import { Enter } from "./Enter";
import { useMe } from "./queries";
import { SignIn } from "./SignIn";

/**
 * Before everything else: whoever wasn't let in signs in here, or comes in by the code that was shown; then they are where they wanted.
 * Who was put out, or sits at a borrowed device, leaves nothing of the garden in the browser.
 */
export function Gate({ children }: { readonly children: ReactNode }) {
	const me = useMe();
	const keeps = me.data?.keeps;
	useEffect(() => {
		if (keeps === false) {
			forgetAnswers().catch(() => {});
		}
	}, [keeps]);
	const { pathname } = useLocation();
	const code = /^\/in\/([^/]+)$/.exec(pathname)?.[1];
	if (code) {
		return <Enter code={code} me={me.data} />;
	}
	return me.data && !me.data.letIn ? <SignIn /> : children;
}
