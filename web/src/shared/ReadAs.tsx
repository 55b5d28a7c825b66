import Form from "react-bootstrap/Form";

type Props = {
	/** What was typed. */
	readonly typed: string;
	/** How it was read; nothing where it wasn't. */
	readonly read?: string;
};

/** How an entry was understood, beside its field; nothing where it reads as it was typed. */
export function ReadAs({ typed, read }: Props) {
	if (!read || plain(read) === plain(typed)) {
		return null;
	}
	return <Form.Text className="read-as">read as {read}</Form.Text>;
}

function plain(text: string): string {
	return text.replaceAll(/\s+/g, "").toLowerCase();
}
