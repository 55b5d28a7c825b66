package potmellow.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.bench.Reply.Remark;
import potmellow.core.bench.Reply.Result;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MassUnit;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.measure.VolumeUnit;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** Any amount of any material in every unit a kitchen has. */
final class UnitGlass implements Instrument {
    private static final List<Entry.Choice> MATERIALS = Book.load().materials().stream()
            .map(material -> new Entry.Choice(material.id(), material.name()))
            .toList();
    private static final Entry.Choice WATER = new Entry.Choice("water", "water");

    @Override
    public String id() {
        return "glass";
    }

    @Override
    public String title() {
        return "Unit glass";
    }

    @Override
    public String asks() {
        return "What is that in the units I own?";
    }

    @Override
    public List<Entry> entries() {
        List<Entry.Choice> all = new ArrayList<>(List.of(WATER));
        MATERIALS.stream().filter(choice -> !choice.equals(WATER)).forEach(all::add);
        return List.of(
                Entry.typed("amount", "Amount", "1 cup", "any unit: 2 tbsp, 1 lb, 3 gal, or counted: 12 eggs"),
                Entry.chosen("material", "Of what", all.toArray(Entry.Choice[]::new)));
    }

    @Override
    public Reply answer(Entries in) {
        Material material = in.book().material(in.choice("material")).orElseThrow();
        Quantity amount = in.amountOf("amount", material, 0.01, Quantity.MOST);
        Mass mass = material.mass(amount);
        Volume volume = material.volume(amount);
        return new Reply(
                AmountText.number(volume.millilitres()) + " mL of " + material.name() + " weigh "
                        + AmountText.number(mass.grams()) + " g.",
                working(amount, material, in.system()),
                results(mass, volume, material),
                List.of(
                        Remark.assumed("Bulk density as it lies in a cup: "
                                + AmountText.number(material.density()) + " kg/L ("
                                + material.bulkDensityKilogramsPerLitre().mark().words() + ")."),
                        Remark.note(
                                "Spoons and cups you type are those of your garden's units; both kinds stand below.")),
                Optional.empty(),
                List.of());
    }

    private static List<Result> results(Mass mass, Volume volume, Material material) {
        List<Result> results = new ArrayList<>();
        for (VolumeUnit unit : VolumeUnit.values()) {
            results.add(result(unit.name(), unit.symbol(), volume.in(unit)));
        }
        for (MassUnit unit : MassUnit.values()) {
            results.add(result(unit.name(), unit.symbol(), mass.in(unit)));
        }
        material.counted()
                .ifPresent(counted -> results.add(result(
                        "COUNTED",
                        counted.many(),
                        mass.grams() / counted.grams().value())));
        return results;
    }

    private static Result result(String id, String unit, double count) {
        return new Result(id, unit, count, AmountText.number(count) + " " + unit);
    }

    private static Working<?> working(Quantity amount, Material material, UnitSystem system) {
        Mass mass = material.mass(amount);
        Volume volume = material.volume(amount);
        return Working.of(
                        volume,
                        Step.of(
                                "Units of volume and weight are exact.",
                                amount.text(system),
                                Evidence.published(
                                        "NIST Handbook 44, Appendix C; UK Weights and Measures Act for the imperial"
                                                + " gallon")))
                .then(
                        mass,
                        Step.of(
                                amount.isMass() ? "Volume = weight ÷ bulk density." : "Weight = volume × bulk density.",
                                amount.isMass() ? volume.text(system) : mass.text(system),
                                material.bulkDensityKilogramsPerLitre().evidence(),
                                "bulk density",
                                AmountText.number(material.density()) + " kg/L"));
    }
}
