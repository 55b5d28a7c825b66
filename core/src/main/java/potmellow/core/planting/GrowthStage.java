package potmellow.core.planting;

import java.util.List;
import java.util.Set;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.book.Product.Leaning;
import potmellow.core.book.Use;
import potmellow.core.strength.Target;

/** How far plants have grown, and what they want then (section 11 of the craft's handbook; much of it is believed). */
public enum GrowthStage {
    SEEDLING("seedlings", "Extract, or the weakest plant juice.", Set.of(Leaning.GENTLE), Target.SEEDLINGS),
    LEAFY("leafy", "Nitrogen-leaning brews: nettle, grass, fish, greens.", Set.of(Leaning.NITROGEN), Target.SOIL),
    BUDDING(
            "budding",
            "No more nitrogen; potassium-leaning brews: comfrey, dock, peel.",
            Set.of(Leaning.POTASSIUM),
            Target.SOIL),
    FLOWERING(
            "flowering",
            "Calcium from the first flower, and potassium.",
            Set.of(Leaning.CALCIUM, Leaning.POTASSIUM),
            Target.SOIL),
    FRUITING(
            "fruiting",
            "Calcium and potassium; no more nitrogen.",
            Set.of(Leaning.CALCIUM, Leaning.POTASSIUM),
            Target.SOIL),
    RIPENING("ripening", "A bit of potassium, or nothing more.", Set.of(Leaning.POTASSIUM), Target.SOIL),
    RESTING("resting", "Soil builders.", Set.of(Leaning.SOIL_LIFE), Target.SOIL);

    private final String words;
    private final String wants;
    private final Set<Leaning> leanings;
    private final Target target;

    GrowthStage(String words, String wants, Set<Leaning> leanings, Target target) {
        this.words = words;
        this.wants = wants;
        this.leanings = leanings;
        this.target = target;
    }

    public String words() {
        return words;
    }

    /** What plants want then, a sentence. */
    public String wants() {
        return wants;
    }

    /** Where a brew for this stage is usually poured. */
    public Target target() {
        return target;
    }

    /** Brews of the book that suit this stage: the leaning is right, and they may be poured there. From budding on, no nitrogen. */
    public List<Product> suited(Book book) {
        boolean noNitrogen = this != LEAFY;
        return book.products().stream()
                .filter(product -> product.leanings().stream().anyMatch(leanings::contains))
                .filter(product -> !noNitrogen
                        || !product.leanings().contains(Leaning.NITROGEN)
                        || product.leanings().contains(Leaning.POTASSIUM))
                .filter(product -> product.find(target)
                        .filter(use -> use.status() == Use.Status.ALLOWED)
                        .isPresent())
                .toList();
    }
}
