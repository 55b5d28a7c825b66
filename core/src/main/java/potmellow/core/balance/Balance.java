package potmellow.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Output;
import potmellow.core.book.Product;
import potmellow.core.book.Room;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Filling;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * What goes into a vessel and what becomes of it (handbook of the craft, section 15, from memory). Liquids add. A solid pushes
 * aside its true volume and stands at its bulk volume; what is poured over it fills its gaps first and rises only then. Liquid
 * out = liquid in + what the solids give up of their water and what dissolves − what the solids hold.
 *
 * @param portions everything that goes in
 */
public record Balance(List<Portion> portions) {
    /** What is measured may be a little more than was reckoned, but not more than this many times. */
    private static final double MEASURING_ROOM = 1.2;

    public Balance {
        portions = List.copyOf(portions);
    }

    /** The balance of amounts by part; materials that aren't chosen are the usual ones. */
    public static Balance of(Book book, Method method, Map<String, Material> chosen, Map<String, Quantity> amounts) {
        return new Balance(method.parts().stream()
                .filter(part -> amounts.containsKey(part.id()))
                .map(part ->
                        new Portion(part, chosen.getOrDefault(part.id(), book.usual(part)), amounts.get(part.id())))
                .toList());
    }

    /** Everything that goes in. */
    public Mass mass() {
        return Mass.ofGrams(sum(portion -> true, portion -> portion.mass().grams()));
    }

    /** How the vessel stands with it. */
    public Filling filling(Volume capacity) {
        double cap = solids(Room.CAP, Portion::bulk);
        double mash = stack(Portion::bulk, Portion::displaced);
        double settled =
                Math.min(stack(Balance::sunk, Balance::sunkAside) + solids(Room.CAP, Balance::sunk), mash + cap);
        return new Filling(
                Volume.ofMillilitres(mash), Volume.ofMillilitres(cap), Volume.ofMillilitres(settled), capacity);
    }

    /** The room that it takes in all, mL. */
    public double standingMillilitres() {
        return stack(Portion::bulk, Portion::displaced) + solids(Room.CAP, Portion::bulk);
    }

    private static Volume sunk(Portion portion) {
        return portion.settles() ? portion.settled() : portion.bulk();
    }

    private static Volume sunkAside(Portion portion) {
        return portion.settles() ? portion.settled() : portion.displaced();
    }

    /**
     * Coarse solids stand as they lie, unless what lodges in their gaps is more than the gaps; the liquid fills what gaps are left,
     * and rises above them where it is more.
     */
    private double stack(Function<Portion, Volume> lying, Function<Portion, Volume> aside) {
        double coarse = solids(Room.FULL, lying);
        double lodged = solids(Room.FULL, aside) + solids(Room.LODGES, lying);
        double drowned = solids(Room.FULL, aside)
                + solids(Room.LODGES, aside)
                + solids(Room.SINKS, aside)
                + solids(Room.NONE, aside)
                + sum(Portion::liquid, portion -> portion.bulk().millilitres());
        return Math.max(Math.max(coarse, lodged), drowned);
    }

    private double solids(Room room, Function<Portion, Volume> size) {
        return sum(
                portion -> !portion.liquid() && portion.part().room() == room,
                portion -> size.apply(portion).millilitres());
    }

    private double sum(Predicate<Portion> which, ToDoubleFunction<Portion> size) {
        return portions.stream().filter(which).mapToDouble(size).sum();
    }

    /** What comes out, and how it was reckoned. */
    public Working<Yield> makes(Output output, Product product, UnitSystem system) {
        return output instanceof Output.Strained strained
                ? strained(strained, system)
                : counted((Output.Counted) output, product, system);
    }

    /** What usually comes out, without the way there: cheap enough to be asked for over and over. */
    public Quantity usually(Output output, Product product) {
        return output instanceof Output.Strained strained
                ? Volume.ofMillilitres(liquor(strained).out())
                : told((Output.Counted) output, product).usual();
    }

    private Liquor liquor(Output.Strained how) {
        Liquor liquor = Liquor.NONE;
        for (Portion portion : portions) {
            liquor = liquor.with(portion, how);
        }
        return liquor.lessLost(how.lostShare());
    }

    private Working<Yield> strained(Output.Strained how, UnitSystem system) {
        Liquor liquor = liquor(how);
        Volume usual = Volume.ofMillilitres(liquor.out());
        Yield made = new Yield(usual.times(how.least()), usual, usual.times(how.most()))
                .upTo(liquor.out() + liquor.held() + liquor.lost());
        return Working.of(
                made,
                Step.of(
                        "Liquid out = liquid in + what the solids give up of their water and what dissolves − what they hold.",
                        span(made, system),
                        how.evidence(),
                        liquor.figures(system)));
    }

    /** The mass of what comes out at the usual yield. */
    public Mass massOut(Output output, Product product) {
        return output instanceof Output.Strained strained
                ? Mass.ofGrams(liquor(strained).outGrams())
                : mass(product, told((Output.Counted) output, product).usual());
    }

    /**
     * The most that can be entered as having come out: of a liquid, all that the contents sink to; of what is weighed, all that went
     * in; with a fifth for measuring.
     */
    public Working<Volume> most(Output output, Product product, UnitSystem system) {
        Volume all = output.weighed()
                ? product.volume(mass())
                : filling(Volume.ofLitres(1)).settled();
        Volume most = all.times(MEASURING_ROOM);
        return Working.of(
                most,
                Step.of(
                        output.weighed()
                                ? "More than went in can't come out, with a fifth more for measuring."
                                : "More than the contents sink to can't come out, with a fifth more for measuring.",
                        product.text(most, system),
                        Evidence.fromMemory(),
                        output.weighed() ? "went in" : "contents sink to",
                        product.text(all, system)));
    }

    private Working<Yield> counted(Output.Counted how, Product product, UnitSystem system) {
        Portion of = portion(how);
        Yield made = told(how, product);
        List<Step> steps = new ArrayList<>(List.of(Step.of(
                "What comes out = " + how.of() + " × yield.",
                span(made, system),
                how.evidence(),
                how.of(),
                of.amount().text(system),
                how.unit() + " per " + how.per(),
                how.least() < how.most()
                        ? AmountText.number(how.least()) + " to " + AmountText.number(how.most())
                        : AmountText.number(how.usual()))));
        if (made.most().base() < how.times(how.most(), units(how)).base() * (1 - 1e-9)) {
            steps.add(Step.of(
                    "More than goes in can't come out.",
                    mass().text(system),
                    Evidence.derivedFrom(Mark.COMMON_PRACTICE)));
        }
        return new Working<>(made, steps);
    }

    private Yield told(Output.Counted how, Product product) {
        double units = units(how);
        Yield all =
                new Yield(how.times(how.least(), units), how.times(how.usual(), units), how.times(how.most(), units));
        double grams = mass(product, all.most()).grams();
        return grams > 0 ? all.upTo(all.most().base() * Math.min(1, mass().grams() / grams)) : all;
    }

    private double units(Output.Counted how) {
        Portion of = portion(how);
        Quantity per = how.perQuantity();
        return (per.isMass() ? of.mass() : of.bulk()).dividedBy(per);
    }

    private Portion portion(Output.Counted how) {
        return portions.stream()
                .filter(portion -> portion.part().id().equals(how.of()))
                .findFirst()
                .orElseThrow();
    }

    private static Mass mass(Product product, Quantity amount) {
        return amount instanceof Mass mass ? mass : product.mass((Volume) amount);
    }

    private static String span(Yield made, UnitSystem system) {
        String least = made.least().text(system);
        String most = made.most().text(system);
        return least.equals(most) ? least : least + " to " + most;
    }
}
