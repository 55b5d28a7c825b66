package potmellow.core.pot;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Filling;

/** How full a vessel stands, as people say it: "half full", "three quarters", "to the brim", "60 %", "12 L". */
public final class Fullness {
    private static final double HALF = 0.5;
    private static final Map<String, Double> WORDS = Map.ofEntries(
            Map.entry("full", 1.0),
            Map.entry("to the brim", 1.0),
            Map.entry("nearly full", 0.9),
            Map.entry("almost full", 0.9),
            Map.entry("three quarters", 0.75),
            Map.entry("three-quarters", 0.75),
            Map.entry("¾", 0.75),
            Map.entry("3/4", 0.75),
            Map.entry("two thirds", 2.0 / 3),
            Map.entry("two-thirds", 2.0 / 3),
            Map.entry("⅔", 2.0 / 3),
            Map.entry("2/3", 2.0 / 3),
            Map.entry("half", HALF),
            Map.entry("½", HALF),
            Map.entry("1/2", HALF),
            Map.entry("a third", 1.0 / 3),
            Map.entry("one third", 1.0 / 3),
            Map.entry("⅓", 1.0 / 3),
            Map.entry("1/3", 1.0 / 3),
            Map.entry("a quarter", 0.25),
            Map.entry("quarter", 0.25),
            Map.entry("¼", 0.25),
            Map.entry("1/4", 0.25));
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3}(?:\\.\\d+)?)\\s?(?:%|percent|per cent)");
    private static final Volume LEAST = Volume.ofMillilitres(1);

    private Fullness() {}

    /**
     * Reads how full it is.
     *
     * @param name begins the sentence of a complaint, such as "How full it is"
     * @param capacity of the vessel
     * @return what stands in it, from 1 mL to its capacity
     * @throws InvalidInput where it can't be read, or is more than the vessel holds
     */
    public static Volume read(String name, String text, Volume capacity, AmountReader reader) {
        String said = text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        String bare = said.equals("full") ? said : said.replaceFirst("(?<!nearly|almost) full$", "");
        Double share = WORDS.get(bare);
        if (share != null) {
            return capacity.times(share);
        }
        Matcher percent = PERCENT.matcher(bare);
        if (percent.matches()) {
            double told = Double.parseDouble(percent.group(1));
            if (told <= 0 || told > 100) {
                throw InvalidInput.outOfRange(name, told, 1, 100, "%");
            }
            return capacity.times(told / 100);
        }
        if (said.isEmpty()) {
            throw InvalidInput.unclear(name, text, List.of("full", "three quarters", "half", "a quarter"));
        }
        return reader.largeVolume(name, text, LEAST, capacity);
    }

    /**
     * What is in a vessel, by how full it stands, as a share of what would be in it, filled as it is packed; it sinks in its first days.
     *
     * @param stands what stands in it
     * @param packed how it would be packed
     * @param days how long it has stood, 0 or more
     */
    public static double share(Volume stands, Filling packed, double days) {
        return stands.millilitres()
                / (packed.standingShare(days) * packed.capacity().millilitres());
    }

    /** An amount that was reckoned from how full something is: two digits of it are known at best (from memory). */
    public static Quantity about(Quantity amount) {
        double step = Math.pow(10, Math.floor(Math.log10(amount.base())) - 1);
        return amount.withBase(Math.max(step, Math.round(amount.base() / step) * step));
    }
}
