import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import Modal from "react-bootstrap/Modal";
import { codeIn } from "./codeIn";
import { useCamera } from "./useCamera";

type Props = { readonly onCode: (code: string) => void; readonly onClose: () => void };

/** What the camera sees, until a label is in it; a wet or torn one can be typed instead. */
export function Scanner({ onCode, onClose }: Props) {
	const { video, trouble, foreign } = useCamera(onCode);
	const [typed, setTyped] = useState("");
	const code = codeIn(typed);
	return (
		<Modal show onHide={onClose} fullscreen="sm-down" aria-labelledby="scan-title">
			<Modal.Header closeButton>
				<h2 id="scan-title" className="h3 mb-0">
					Hold a label into the picture
				</h2>
			</Modal.Header>
			<Modal.Body>
				{trouble ? (
					<p role="alert">{trouble} Type the code instead.</p>
				) : (
					<video ref={video} className="scan-video" muted playsInline aria-label="What the camera sees" />
				)}
				<p role="status" className="soft">
					{foreign && "That is no code of a garden. Another one?"}
				</p>
				<Form
					noValidate
					className="code-form"
					onSubmit={(event) => {
						event.preventDefault();
						if (code) {
							onCode(code);
						}
					}}
				>
					<Form.Group controlId="scan-typed">
						<Form.Label>Or type the code on body or lid</Form.Label>
						<Form.Control
							value={typed}
							autoComplete="off"
							autoCapitalize="characters"
							maxLength={8}
							onChange={(event) => setTyped(event.target.value)}
						/>
					</Form.Group>
					<Button type="submit" variant="primary" disabled={code === undefined}>
						That one
					</Button>
				</Form>
			</Modal.Body>
		</Modal>
	);
}
