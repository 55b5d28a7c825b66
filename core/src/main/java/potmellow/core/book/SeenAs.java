package potmellow.core.book;

import java.util.List;

/**
 * What somebody sees who doesn't know a brew's name, and the way that it most likely is (from memory).
 *
 * @param methodId that way
 * @param words what is seen, such as "some plants in water"
 */
public record SeenAs(String methodId, String words) {
    /** The likeliest first. */
    public static final List<SeenAs> ALL = List.of(
            new SeenAs("weed-bucket", "some plants in water"),
            new SeenAs("plant-juice-open", "some leaves with sugar"),
            new SeenAs("lactic-serum-even", "rice water and milk"),
            new SeenAs("shell-calcium-tenfold", "eggshells in vinegar"),
            new SeenAs("bokashi-bin", "kitchen waste with bran"),
            new SeenAs("fish-amino", "fish with sugar"));
}
