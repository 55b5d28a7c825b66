/** Four corners around a label, small, in the colour of the words around it. */
export function ScanSign() {
	return (
		<svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true">
			<path
				d="M1.5 6V1.5H6M12 1.5h4.5V6M16.5 12v4.5H12M6 16.5H1.5V12M6 6h2.4v2.4H6zM9.8 9.8h2.4v2.4H9.8zM6 11h1.6"
				fill="none"
				stroke="currentColor"
				strokeWidth="1.7"
			/>
		</svg>
	);
}
