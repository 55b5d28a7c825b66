package potmellow.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.book.Book;
import potmellow.core.book.BookYaml;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.MethodFile;
import potmellow.core.book.Output;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.workings.ShellCalcium;

/** What goes in, how high it stands and what comes out, against balances worked by hand. */
class BalanceTest {
    private static final Book BOOK = Book.load();
    private static final double THREE_FIGURES = 0.002;
    private static final double ACID_GRAMS_PER_MILLILITRE = 0.05;

    /** The parts in the proportions of the method's own file, which tells every part by weight or volume. */
    private static Balance balance(Method method, String partInHand, Quantity have) {
        Part main = method.part(partInHand).orElseThrow();
        double scale =
                have.dividedBy(Quantity.of(main.amount().value(), main.amount().unit()));
        Map<String, Quantity> amounts = new HashMap<>();
        method.parts()
                .forEach(part -> amounts.put(
                        part.id(),
                        Quantity.of(part.amount().value(), part.amount().unit()).times(scale)));
        return Balance.of(BOOK, method, Map.of(), amounts);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/potmellow/balances.csv", delimiter = '|', numLinesToSkip = 0)
    void comesOutAsByHand(
            String id,
            String part,
            String amount,
            String what,
            double expected,
            String unit,
            String mark,
            String byHand) {
        Method method = BOOK.method(id).orElseThrow();
        Balance balance = balance(method, part, new AmountReader(UnitSystem.METRIC).quantity("It", amount, true));
        assertThat(told(balance, method, what)).as(byHand).isCloseTo(expected, within(expected * THREE_FIGURES + 1e-9));
    }

    private static double told(Balance balance, Method method, String what) {
        Product product = BOOK.productOf(method);
        double out = ((Volume) balance.usually(method.makes(), product)).litres();
        double liquor = out + 0.3;
        return switch (what) {
            case "mass in" -> balance.mass().kilograms();
            case "mass out" -> balance.massOut(method.makes(), product).kilograms();
            case "out" -> out;
            case "stands at" -> balance.standingMillilitres() / 1000;
            case "water in" ->
                share(
                        balance,
                        material ->
                                material.waterShare().map(one -> one.value()).orElse(0.0));
            case "sugar in" ->
                share(
                        balance,
                        material ->
                                material.sugarShare().map(one -> one.value()).orElse(0.0));
            case "sugar out" ->
                share(
                                balance,
                                material -> material.sugarShare()
                                        .map(one -> one.value())
                                        .orElse(0.0))
                        * out
                        / liquor;
            case "acid in" -> vinegar(balance).millilitres() * ACID_GRAMS_PER_MILLILITRE;
            case "acid left" ->
                shells(balance).acidLeftPercent() * vinegar(balance).litres() * 10;
            case "calcium out" -> shells(balance).calciumGramsPerLitre();
            default -> throw new IllegalArgumentException(what);
        };
    }

    private static double share(Balance balance, java.util.function.ToDoubleFunction<Material> share) {
        return balance.portions().stream()
                .mapToDouble(portion -> portion.mass().kilograms() * share.applyAsDouble(portion.material()))
                .sum();
    }

    private static Volume vinegar(Balance balance) {
        return balance.portions().get(1).bulk();
    }

    private static ShellCalcium shells(Balance balance) {
        Mass shells = balance.portions().get(0).mass();
        return ShellCalcium.of(shells, vinegar(balance), 5, UnitSystem.METRIC).value();
    }

    /** What is poured over fills the gaps first: 1 kg of dry rice lies at 1.18 L and pushes aside 0.69 L. */
    @ParameterizedTest
    @CsvSource({"0.1, 1.176", "0.4, 1.176", "0.487, 1.177", "1, 1.690", "2, 2.690"})
    void fillsGapsBeforeItRises(double litresOfWater, double stands) {
        Method rinse = BOOK.method("rice-rinse-soured").orElseThrow();
        Balance balance = Balance.of(
                BOOK, rinse, Map.of(), Map.of("rice", Mass.ofKilograms(1), "water", Volume.ofLitres(litresOfWater)));
        assertThat(balance.standingMillilitres() / 1000).isCloseTo(stands, within(0.001));
    }

    /** A garden's own method of the first edition counted its liquid on the vessel; now it follows from what goes in. */
    @Test
    void readsOwnMethodsThatCountedOnTheVessel() {
        Method nettles = BOOK.method("nettle-tea").orElseThrow();
        String today = BookYaml.write(MethodFile.of(nettles, BOOK.productOf(nettles)));
        String first = today.replaceFirst(
                "(?s)makes:.*?batch:",
                "makes:\n    least: 0.6\n    usual: 0.7\n    most: 0.75\n    unit: L\n    per: L\n    of: vessel\n    mark: M\n  batch:");
        Method read = BookYaml.read(first).method();
        assertThat(first).isNotEqualTo(today);
        assertThat(read.makes()).isInstanceOf(Output.Strained.class);
        Balance balance =
                Balance.of(BOOK, read, Map.of(), Map.of("plant", Mass.ofKilograms(3), "water", Volume.ofLitres(12)));
        double out = ((Volume) balance.usually(read.makes(), BOOK.productOf(nettles))).litres();
        assertThat(out).as("12 L + 0.7 × 80 % of 3 kg").isCloseTo(13.68, within(0.001));
    }

    /** A garden's own method may tell more than goes in; it doesn't get it. */
    @Test
    void givesNoMoreThanWentInWhateverIsTold() {
        Method heap = BOOK.method("bokashi-bran").orElseThrow();
        Output greedy =
                new Output.Counted(2, 3.0, 4, "kg", "kg", "bran", heap.makes().mark());
        Balance balance = balance(heap, "bran", Mass.ofKilograms(10));
        Yield made =
                balance.makes(greedy, BOOK.productOf(heap), UnitSystem.METRIC).value();
        assertThat(made.most().base()).isLessThanOrEqualTo(balance.mass().grams() * (1 + 1e-9));
        assertThat(balance.makes(greedy, BOOK.productOf(heap), UnitSystem.METRIC)
                        .steps()
                        .get(1)
                        .words())
                .isEqualTo("More than goes in can't come out.");
    }
}
