package potmellow.app.bench;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.bottle.OwnStrength;
import potmellow.app.garden.Garden;
import potmellow.app.planting.PlantingService;
import potmellow.app.pot.BrewFacts;
import potmellow.app.pot.PotContents;
import potmellow.app.pot.PotContents.Contents;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Material.Role;
import potmellow.core.book.Use;
import potmellow.core.craft.Family;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Handling;
import potmellow.core.measure.Quantity;
import potmellow.core.strength.Target;

/** What of the real garden an instrument can take its entries from: pots, bottles, plantings. */
@Service
class BenchSources {
    private final PotContents pots;
    private final BottleService bottles;
    private final BrewFacts facts;
    private final BookService books;
    private final PlantingService plantings;

    BenchSources(
            PotContents pots, BottleService bottles, BrewFacts facts, BookService books, PlantingService plantings) {
        this.pots = pots;
        this.bottles = bottles;
        this.facts = facts;
        this.books = books;
        this.plantings = plantings;
    }

    /** What one instrument can start from. */
    @Transactional(readOnly = true)
    List<Source> of(Garden garden, String instrument, Instant now) {
        return switch (instrument) {
            case "ratio" -> Stream.concat(strengths(garden), beds(garden)).toList();
            case "can" -> brewed(garden);
            case "shells", "sugar", "bran", "air", "water", "heap" ->
                pots.all(garden, now).stream()
                        .flatMap(pot -> pot(instrument, pot, garden).stream())
                        .toList();
            default -> List.of();
        };
    }

    private Optional<Source> pot(String instrument, Contents pot, Garden garden) {
        Map<String, String> values = new HashMap<>();
        Family family = pot.method().family();
        switch (instrument) {
            case "shells" -> {
                take(values, "shells", pot, material -> material.is(Role.SHELLS), garden);
                take(values, "vinegar", pot, material -> material.acidPercent().isPresent(), garden);
                if (values.containsKey("vinegar") && pot.ph().isPresent()) {
                    values.put("ph", AmountText.number(pot.ph().getAsDouble(), 2));
                }
            }
            case "sugar" -> {
                if (family == Family.SUGAR) {
                    take(
                            values,
                            "mass",
                            pot,
                            material -> material.nitrogenShare().isPresent(),
                            garden);
                    take(values, "sugar", pot, material -> material.is(Role.SUGAR), garden);
                }
            }
            case "bran" -> {
                if (pot.method().saidMoisture().isPresent() && family == Family.BRAN) {
                    take(values, "bran", pot, material -> material.handling() == Handling.SOLID, garden);
                    take(values, "molasses", pot, material -> material.is(Role.SUGAR), garden);
                    take(values, "culture", pot, material -> material.product().isPresent(), garden);
                }
            }
            case "air" -> {
                if (family == Family.TEA) {
                    take(values, "litres", pot, material -> material.is(Role.WATER), garden);
                    take(values, "molasses", pot, material -> material.is(Role.SUGAR), garden);
                }
            }
            case "water" -> take(values, "water", pot, material -> material.is(Role.WATER), garden);
            default -> {
                if (family == Family.FOREST && pot.warmth().size() > 2) {
                    values.put(
                            "readings",
                            pot.warmth().stream()
                                    .map(one -> AmountText.number(one.hours(), 2) + " h: "
                                            + AmountText.number(one.celsius(), 1) + " °C")
                                    .collect(Collectors.joining(", ")));
                }
            }
        }
        return values.isEmpty() ? Optional.empty() : Optional.of(new Source(pot.code() + " " + pot.name(), values));
    }

    /** Takes the first part whose material plays a role, whatever the part is called. */
    private void take(Map<String, String> values, String entry, Contents pot, Predicate<Material> role, Garden garden) {
        Book book = books.of(garden);
        Quantity amount = pot.method().parts().stream()
                .filter(part -> role.test(book.usual(part)))
                .map(part -> pot.amounts().get(part.id()))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
        if (amount != null && amount.base() > 0) {
            boolean litres = entry.equals("vinegar") || entry.equals("litres") || entry.equals("water");
            if (!litres || !amount.isMass()) {
                values.put(entry, amount.text(garden.units()));
            } else {
                values.put(entry, AmountText.number(amount.base(), 0) + " mL");
            }
        }
    }

    /** The strength of every brew in store. */
    private Stream<Source> strengths(Garden garden) {
        Book book = books.of(garden);
        return full(garden)
                .flatMap(bottle -> book.findProduct(bottle.productId()).stream()
                        .filter(product -> product.find(Target.SOIL)
                                .filter(use -> use.status() == Use.Status.ALLOWED)
                                .isPresent())
                        .map(product -> new Source(
                                bottle.code() + " " + bottle.name() + ", on soil",
                                Map.of("saying", OwnStrength.of(bottle, product, Target.SOIL)))));
    }

    /** Cans for every bed: as much as it drinks. */
    private Stream<Source> beds(Garden garden) {
        return plantings.all(garden).stream()
                .map(planting -> new Source(
                        planting.name() + ", a can for it",
                        Map.of(
                                "can",
                                planting.size()
                                        .volume(planting.stage().target(), garden.units())
                                        .value()
                                        .text(garden.units()))));
    }

    private List<Source> brewed(Garden garden) {
        List<Bottle> full = full(garden).toList();
        Map<UUID, BrewFacts.Brewed> brewed = facts.of(
                garden,
                books.of(garden),
                full.stream()
                        .flatMap(bottle -> bottle.batchId().stream())
                        .distinct()
                        .toList());
        return full.stream()
                .flatMap(bottle -> bottle.batchId().map(brewed::get).stream()
                        .filter(known -> known.plants().grams() > 0)
                        .map(known -> new Source(
                                bottle.code() + " " + bottle.name(),
                                Map.of(
                                        "mass",
                                        known.plants().text(garden.units()),
                                        "liquid",
                                        bottle.filled().text(garden.units())))))
                .toList();
    }

    private Stream<Bottle> full(Garden garden) {
        return bottles.inStore(garden).stream().filter(bottle -> bottle.level().millilitres() >= 1);
    }

    /**
     * Something to start from.
     *
     * @param words what it is
     * @param values texts by the entry's id
     */
    record Source(String words, Map<String, String> values) {}
}
