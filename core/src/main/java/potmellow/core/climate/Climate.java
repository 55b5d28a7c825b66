package potmellow.core.climate;

import potmellow.core.measure.Temperature;

/** The climate of a garden, roughly; the yearly mean is from memory. */
public enum Climate {
    MARITIME("cool and maritime", 10.5),
    INLAND("warm summers, cold winters", 9),
    NORTHERN("short summers, long winters", 5),
    DRY_WARM("warm and dry", 17),
    HUMID_WARM("warm and humid", 22);

    private final String words;
    private final double yearlyMeanCelsius;

    Climate(String words, double yearlyMeanCelsius) {
        this.words = words;
        this.yearlyMeanCelsius = yearlyMeanCelsius;
    }

    public String words() {
        return words;
    }

    /** The outdoor mean of a year. */
    public Temperature yearlyMean() {
        return Temperature.ofCelsius(yearlyMeanCelsius);
    }
}
