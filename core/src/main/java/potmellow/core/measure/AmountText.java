package potmellow.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Amounts as they are read out. The exact value is never changed by it. */
public final class AmountText {
    private static final String[] QUARTERS = {"", "¼", "½", "¾"};

    private AmountText() {}

    /** About three significant figures, no idle zeros: 0.735, 6.24, 89.9, 1829. */
    public static String number(double value) {
        double size = Math.abs(value);
        int decimals = size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3;
        return number(value, decimals);
    }

    /** Rounded half up to at most the given decimals, no idle zeros. */
    public static String number(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }

    /** A share as per cent: 0.735 → "73.5 %". */
    public static String percent(double share) {
        return number(share * 100, 1) + " %";
    }

    /** Quarters as they are printed on spoons and cups: 1.25 → "1¼". The count must be a multiple of a quarter. */
    public static String quarters(double count) {
        long quarters = Math.round(count * 4);
        String whole = quarters >= 4 ? String.valueOf(quarters / 4) : "";
        String text = whole + QUARTERS[(int) (quarters % 4)];
        return text.isEmpty() ? "0" : text;
    }

    public static String mass(Mass mass, UnitSystem system) {
        if (system == UnitSystem.METRIC) {
            return metric(mass);
        }
        double ounces = mass.in(MassUnit.OUNCE);
        if (ounces < 15.95) {
            return number(ounces, ounces < 1 ? 2 : 1) + " oz";
        }
        double tenths = Math.round(ounces * 10) / 10.0;
        long pounds = (long) (tenths / 16);
        String rest = number(tenths - 16 * pounds, 1);
        return rest.equals("0") ? pounds + " lb" : pounds + " lb " + rest + " oz";
    }

    /** Never three digits behind a point: "1.125 kg" could be read as eleven hundred kilograms. */
    private static String metric(Mass mass) {
        double grams = mass.grams();
        boolean inGrams = grams < 1000 || grams < 10_000 && Math.round(grams) % 10 != 0;
        return inGrams
                ? number(grams, grams < 10 ? 1 : 0) + " g"
                : number(mass.kilograms(), grams < 100_000 ? 2 : 0) + " kg";
    }

    public static String volume(Volume volume, UnitSystem system) {
        double millilitres = volume.millilitres();
        if (system == UnitSystem.METRIC) {
            if (millilitres >= 999.5) {
                return number(volume.litres(), volume.litres() < 100 ? 2 : 0) + " L";
            }
            return number(millilitres, millilitres < 10 ? 2 : millilitres < 100 ? 1 : 0) + " mL";
        }
        double gallons = volume.in(VolumeUnit.US_GALLON);
        if (gallons >= 0.5) {
            return number(gallons, gallons < 100 ? 2 : 0) + " gal";
        }
        double ounces = volume.in(VolumeUnit.US_FLUID_OUNCE);
        if (ounces >= 2) {
            return number(ounces, 1) + " fl oz";
        }
        double tablespoons = volume.in(VolumeUnit.US_TABLESPOON);
        return tablespoons >= 1
                ? number(tablespoons, 2) + " tbsp"
                : number(volume.in(VolumeUnit.US_TEASPOON), 2) + " tsp";
    }

    public static String area(Area area, UnitSystem system) {
        return number(area.in(system.area()), 1) + " " + system.area().symbol();
    }

    public static String temperature(Temperature temperature, UnitSystem system) {
        return system == UnitSystem.METRIC
                ? number(temperature.celsius(), 1) + " °C"
                : number(temperature.fahrenheit(), 0) + " °F";
    }
}
