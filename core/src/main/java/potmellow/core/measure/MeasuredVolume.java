package potmellow.core.measure;

import java.util.List;
import java.util.Optional;

/**
 * A volume as it can truly be measured: with the coarsest tool of the kitchen that keeps the error within 5 %. What is too
 * small for a drop is never rounded to nothing: 1 mL is first mixed with 9 or 99 mL of water.
 *
 * @param exact what the sum gave
 * @param measured what the tool gives, of the brew itself
 * @param tool the tool
 * @param stock how many times the brew is diluted first: 1, 10 or 100
 */
public record MeasuredVolume(Volume exact, Volume measured, VolumeTool tool, int stock) {
    /** The largest error a tool may make before a finer one is taken (common practice). */
    public static final double WORST_ERROR = 0.05;

    /** A deviation up to this is not worth a word (common practice). */
    public static final double WORTH_TELLING = 0.02;

    private static final int[] STOCKS = {1, 10, 100};

    /** Finds the tool; empty only for a volume under about 0.5 µL, too small even then. */
    public static Optional<MeasuredVolume> of(Volume exact, UnitSystem system) {
        for (int stock : STOCKS) {
            Volume taken = exact.times(stock);
            for (VolumeTool tool : VolumeTool.of(system)) {
                Volume nearest = tool.nearest(taken);
                if (Math.abs(error(taken, nearest)) <= WORST_ERROR) {
                    return Optional.of(new MeasuredVolume(exact, nearest.times(1.0 / stock), tool, stock));
                }
            }
        }
        return Optional.empty();
    }

    /** A drop of the thinnest stock: the least there is. */
    static MeasuredVolume leastOf(Volume exact) {
        int thinnest = STOCKS[STOCKS.length - 1];
        return new MeasuredVolume(
                exact,
                Volume.ofMillilitres(VolumeTool.DROPPER.stepMillilitres() / thinnest),
                VolumeTool.DROPPER,
                thinnest);
    }

    /** A solid by jug, cup or spoon: as near as the finest of them comes, and never nothing. */
    static MeasuredVolume spooned(Volume exact, UnitSystem system) {
        List<VolumeTool> tools = VolumeTool.ofSolids(system);
        VolumeTool finest = tools.get(tools.size() - 1);
        return tools.stream()
                .map(tool -> new MeasuredVolume(exact, tool.nearest(exact), tool, 1))
                .filter(measured -> Math.abs(measured.deviation()) <= WORST_ERROR)
                .findFirst()
                .orElseGet(() -> new MeasuredVolume(exact, finest.atLeastOneStep(exact), finest, 1));
    }

    /** A dose as every screen tells it: in millilitres, or in the cups and spoons of a US garden, and never finer than these measure. */
    public static String dose(Volume exact, UnitSystem system) {
        return of(exact, system).map(measured -> measured.dose(system)).orElse("less than a drop");
    }

    /** This dose as every screen tells it; of a stock, what is taken of that. */
    public String dose(UnitSystem system) {
        return system == UnitSystem.METRIC && stock == 1 ? AmountText.volume(measured, system) : onTool();
    }

    /** What to do, such as "20 mL", "1¼ tsp" or "mix 1 mL with 9 mL of water, and take 3 drops of that". */
    public String text() {
        return stock == 1 ? onTool() : mixedFirst("") + ", and take " + onTool() + " of that";
    }

    /** What is read off the tool: of the brew, or of what was mixed first. */
    public String onTool() {
        return tool.read(measured.times(stock));
    }

    /**
     * What to mix first, a sentence; empty where nothing need be. One part of so many: too small for the tools by itself.
     *
     * @param brew the name of what is measured
     */
    public String first(String brew) {
        return stock == 1 ? "" : "First " + mixedFirst(" " + brew) + ". Of that, take";
    }

    private String mixedFirst(String brew) {
        return "mix 1 mL" + brew + " with " + (stock - 1) + " mL of water";
    }

    /** By how much the measured amount is off, as a share of the exact one; positive is too much. */
    public double deviation() {
        return error(exact, measured);
    }

    private static double error(Volume exact, Volume nearest) {
        return exact.millilitres() == 0 ? 0 : nearest.millilitres() / exact.millilitres() - 1;
    }
}
