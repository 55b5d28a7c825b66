import { lazy, type ReactNode, Suspense, useState } from "react";
import Button from "react-bootstrap/Button";

const Scanner = lazy(async () => ({ default: (await import("./Scanner")).Scanner }));

type Props = {
	readonly onCode: (code: string) => void;
	readonly children?: ReactNode;
	/** Where what is drawn on it doesn't tell it. */
	readonly label?: string;
};

/** Opens the camera for a label; tells the code that it read. */
export function ScanButton({ onCode, children = "Scan a label", label }: Props) {
	const [open, setOpen] = useState(false);
	return (
		<>
			<Button variant="outline" aria-label={label} onClick={() => setOpen(true)}>
				{children}
			</Button>
			{open && (
				<Suspense>
					<Scanner
						onClose={() => setOpen(false)}
						onCode={(code) => {
							setOpen(false);
							onCode(code);
						}}
					/>
				</Suspense>
			)}
		</>
	);
}
