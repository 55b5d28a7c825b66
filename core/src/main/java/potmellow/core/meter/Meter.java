package potmellow.core.meter;

import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;

/** What is measured on a pot, with what such a number can be. Sensible spans are from memory. */
public enum Meter {
    THERMOMETER("warmth", "°C", -20, 80, -5, 65),
    PH("pH", "", 0, 14, 2, 9.5),
    EC("EC", "mS/cm", 0, 200, 0.01, 60),
    BRIX("Brix", "°Bx", 0, 90, 0, 75),
    OXYGEN("dissolved oxygen", "mg/L", 0, 40, 0, 15),
    SCALE("weight", "g", 1, 2_000_000, 20, 300_000);

    private final String words;
    private final String unit;
    private final double least;
    private final double most;
    private final double sensibleFrom;
    private final double sensibleTo;

    Meter(String words, String unit, double least, double most, double sensibleFrom, double sensibleTo) {
        this.words = words;
        this.unit = unit;
        this.least = least;
        this.most = most;
        this.sensibleFrom = sensibleFrom;
        this.sensibleTo = sensibleTo;
    }

    /** What it reads, such as "warmth". */
    public String words() {
        return words;
    }

    /** The unit that readings are kept in. */
    public String unit() {
        return unit;
    }

    /** The least number such an instrument can show. */
    public double least() {
        return least;
    }

    /** The most that such an instrument can show. */
    public double most() {
        return most;
    }

    /** Whether it is a number that such an instrument can show at all. */
    public boolean possible(double value) {
        return value >= least && value <= most;
    }

    /**
     * By how much such an instrument may be off, as home meters are, in its unit: pH 0.05 (common practice); 0.5 °C, 2 % of an EC,
     * 0.2 °Bx, 0.3 mg/L, 1 % of a weight (from memory).
     */
    public double uncertainty(double value) {
        return switch (this) {
            case PH -> 0.05;
            case THERMOMETER -> 0.5;
            case EC -> 0.02 * value;
            case BRIX -> 0.2;
            case OXYGEN -> 0.3;
            case SCALE -> 0.01 * value;
        };
    }

    /** Whether pots have such numbers; others are asked about before they are stored. */
    public boolean sensible(double value) {
        return value >= sensibleFrom && value <= sensibleTo;
    }

    /** The sensible span in words. */
    public String sensibleWords(UnitSystem system) {
        return text(sensibleFrom, system) + " to " + text(sensibleTo, system);
    }

    /** A reading in words, in the garden's own units. */
    public String text(double value, UnitSystem system) {
        return switch (this) {
            case THERMOMETER -> AmountText.temperature(Temperature.ofCelsius(value), system);
            case PH -> "pH " + AmountText.number(value, 2);
            case EC, OXYGEN -> AmountText.number(value, 2) + " " + unit;
            case BRIX -> AmountText.number(value, 1) + " " + unit;
            case SCALE -> AmountText.mass(Mass.ofGrams(value), system);
        };
    }
}
