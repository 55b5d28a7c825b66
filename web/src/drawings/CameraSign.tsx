/** A camera, small, in the colour of the words around it. */
export function CameraSign() {
	return (
		<svg width="22" height="18" viewBox="0 0 22 18" aria-hidden="true">
			<path
				d="M2 5h4l1.6-2.6h6.8L16 5h4v11H2zM11 13.4a3.2 3.2 0 1 0 0-6.4 3.2 3.2 0 0 0 0 6.4z"
				fill="none"
				stroke="currentColor"
				strokeWidth="1.7"
				strokeLinejoin="round"
			/>
		</svg>
	);
}
