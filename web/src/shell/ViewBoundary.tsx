import type { ReactNode } from "react";
import Button from "react-bootstrap/Button";
import { ErrorBoundary, type FallbackProps } from "react-error-boundary";
import { Link, useLocation } from "react-router";
import { problemFrom } from "../api/problem";

/** A view that stumbles is told in its own place: the rest of the application stays, and so does what is stored. */
export function ViewBoundary({ children }: { readonly children: ReactNode }) {
	const { pathname } = useLocation();
	return (
		<ErrorBoundary FallbackComponent={Stumbled} resetKeys={[pathname]}>
			{children}
		</ErrorBoundary>
	);
}

function Stumbled({ error, resetErrorBoundary }: FallbackProps) {
	return (
		<div className="pots">
			<div className="empty" role="alert">
				<h1>This page stumbled</h1>
				<p>{problemFrom(error).detail}</p>
				<Button variant="primary" onClick={resetErrorBoundary}>
					Try again
				</Button>{" "}
				<Link className="btn btn-outline" to="/round">
					To the round
				</Link>
			</div>
		</div>
	);
}
