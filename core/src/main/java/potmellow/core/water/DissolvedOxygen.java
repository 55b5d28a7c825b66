package potmellow.core.water;

/**
 * Oxygen that fresh water holds when it is saturated from the air (Benson &amp; Krause 1984, as in the APHA and USGS tables):
 * ln C* = −139.34411 + 1.575701e5/T − 6.642308e7/T² + 1.243800e10/T³ − 8.621949e11/T⁴, T in K, C* in mg/L at 1 atm; at altitude
 * × (1 − 2.25577e−5·h)^5.25588, h in m.
 */
public final class DissolvedOxygen {
    private DissolvedOxygen() {}

    /**
     * Saturation.
     *
     * @param celsius water temperature, 0 to 40 °C
     * @param altitudeMetres above the sea, −500 to 5000 m
     * @return mg/L
     */
    public static double saturation(double celsius, double altitudeMetres) {
        if (!(celsius >= 0 && celsius <= 40)) {
            throw new IllegalArgumentException("The water (" + celsius + " °C) must be from 0 to 40 °C.");
        }
        if (!(altitudeMetres >= -500 && altitudeMetres <= 5000)) {
            throw new IllegalArgumentException("The altitude (" + altitudeMetres + " m) must be from -500 to 5000 m.");
        }
        double kelvin = celsius + 273.15;
        double logarithm = -139.34411
                + 1.575701e5 / kelvin
                - 6.642308e7 / Math.pow(kelvin, 2)
                + 1.243800e10 / Math.pow(kelvin, 3)
                - 8.621949e11 / Math.pow(kelvin, 4);
        return Math.exp(logarithm) * Math.pow(1 - 2.25577e-5 * altitudeMetres, 5.25588);
    }
}
