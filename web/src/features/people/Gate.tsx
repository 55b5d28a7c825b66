import type { ReactNode } from "react";
import { useLocation } from "react-router";
import { Enter } from "./Enter";
import { useMe } from "./queries";
import { SignIn } from "./SignIn";

/** Before everything else: whoever wasn't let in signs in here, or comes in by the code that was shown; then they are where they wanted. */
export function Gate({ children }: { readonly children: ReactNode }) {
	const me = useMe();
	const { pathname } = useLocation();
	const code = /^\/in\/([^/]+)$/.exec(pathname)?.[1];
	if (code) {
		return <Enter code={code} me={me.data} />;
	}
	return me.data && !me.data.letIn ? <SignIn /> : children;
}
