package potmellow.core.measure;

/**
 * A temperature, from −90 to 200 °C: from the coldest air to an oven. Immutable.
 *
 * @param celsius degrees Celsius
 */
public record Temperature(double celsius) {
    private static final double COLDEST = -90;
    private static final double HOTTEST = 200;

    public Temperature {
        if (!(celsius >= COLDEST && celsius <= HOTTEST)) {
            throw InvalidInput.outOfRange("The temperature", celsius, COLDEST, HOTTEST, "°C");
        }
    }

    public static Temperature ofCelsius(double celsius) {
        return new Temperature(celsius);
    }

    /** °C = (°F − 32) / 1.8, exactly (NIST SP 811, B.8). */
    public static Temperature ofFahrenheit(double fahrenheit) {
        return new Temperature((fahrenheit - 32) / 1.8);
    }

    public double fahrenheit() {
        return celsius * 1.8 + 32;
    }
}
