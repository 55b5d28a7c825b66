package potmellow.core.planning;

import java.util.List;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Recipe;

/** A pot that the plan is to set; on which day and in which vessel is decided apart from it. */
final class Draft {
    private final String id;
    private final Method method;
    private final Product product;
    private final Volume amount;
    private final Spot spot;
    private final Timing timing;
    private final int keepDays;
    private final List<Vat> vats;
    private final List<Demand> serves;
    private final Recipe recipe;

    /**
     * @param id stable, as long as what it was first made for stands
     * @param amount what it is to give
     * @param keepDays how long that keeps, whole days; 1 for what is used at once, as it stands in its vessel until then
     * @param vats vessels that hold it, the smallest first; at least one
     * @param serves what it is for, at least one
     * @param recipe what goes in, in the first of these vessels
     */
    Draft(
            String id,
            Method method,
            Product product,
            Volume amount,
            Spot spot,
            Timing timing,
            int keepDays,
            List<Vat> vats,
            List<Demand> serves,
            Recipe recipe) {
        this.id = id;
        this.method = method;
        this.product = product;
        this.amount = amount;
        this.spot = spot;
        this.timing = timing;
        this.keepDays = keepDays;
        this.vats = List.copyOf(vats);
        this.serves = List.copyOf(serves);
        this.recipe = recipe;
    }

    String id() {
        return id;
    }

    Method method() {
        return method;
    }

    Product product() {
        return product;
    }

    Volume amount() {
        return amount;
    }

    Spot spot() {
        return spot;
    }

    Timing timing() {
        return timing;
    }

    int keepDays() {
        return keepDays;
    }

    List<Vat> vats() {
        return vats;
    }

    List<Demand> serves() {
        return serves;
    }

    Recipe recipe() {
        return recipe;
    }

    @Override
    public String toString() {
        return id + " " + method.id();
    }
}
