import Offcanvas from "react-bootstrap/Offcanvas";
import type { Working } from "../api/types";
import { MarkLegend } from "./MarkSign";
import { WorkingSteps } from "./WorkingSteps";

type Props = {
	readonly of: string;
	readonly working: Working;
	readonly open: boolean;
	readonly onClose: () => void;
};

/** How a number was worked out, beside the page or, on the phone, from below. Fetched when the first is asked for. */
export default function WorkingSlip({ of, working, open, onClose }: Props) {
	const narrow = window.matchMedia("(max-width: 720px)").matches;
	return (
		<Offcanvas show={open} onHide={onClose} placement={narrow ? "bottom" : "end"} aria-labelledby="working-title">
			<Offcanvas.Header closeButton closeLabel="Close the working">
				<h2 id="working-title">{of}</h2>
			</Offcanvas.Header>
			<Offcanvas.Body>
				<WorkingSteps working={working} />
				<MarkLegend />
			</Offcanvas.Body>
		</Offcanvas>
	);
}
