/** The code on a body and a lid. */
export function Tag({ code }: { readonly code: string }) {
	return <span className="tag">{code}</span>;
}
