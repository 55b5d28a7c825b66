package potmellow.core.pantry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.TypedNumber;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/**
 * Reads a list of things as people say it: "3 kg nettles, 12 eggshells, 1 L vinegar, two 20 L buckets". Each item is an amount
 * and a name; what can't be read is told, never guessed.
 *
 * @param book the book, for the names of materials
 * @param system the units of the garden
 */
public record PantryReader(Book book, UnitSystem system) {
    /** More than this is no list of things in hand. */
    public static final int LONGEST = 600;

    private static final int MOST_OF_A_KIND = 20;
    private static final Map<String, String> NUMBER_WORDS = Map.ofEntries(
            Map.entry("a", "1"),
            Map.entry("an", "1"),
            Map.entry("one", "1"),
            Map.entry("two", "2"),
            Map.entry("three", "3"),
            Map.entry("four", "4"),
            Map.entry("five", "5"),
            Map.entry("six", "6"),
            Map.entry("seven", "7"),
            Map.entry("eight", "8"),
            Map.entry("nine", "9"),
            Map.entry("ten", "10"),
            Map.entry("a dozen", "12"),
            Map.entry("half a", "0.5"));
    private static final Pattern SEPARATOR = Pattern.compile("[,;\\n]\\s+|[;\\n]|\\s+and\\s+|,(?=\\D)");
    private static final Pattern VESSELS = Pattern.compile("(?:(?<count>\\d{1,2})\\s*(?:×|x)?\\s+)?(?<size>"
            + TypedNumber.PATTERN + "\\s*\\p{L}+)\\s+" + "(?<kind>jar|bucket|drum|box|tray|bin)(?:s|es)?");
    private static final Pattern AMOUNT =
            Pattern.compile("(?<number>\\d+/\\d+|" + TypedNumber.PATTERN + "(?:\\s*[¼½¾])?|[¼½¾])\\s*(?<rest>.+)");

    /** What was read, and what wasn't. */
    public record Reading(Pantry pantry, List<String> unread) {}

    /** @throws InvalidInput for a text that is empty or too long */
    public Reading read(String text) {
        if (text.length() > LONGEST) {
            throw InvalidInput.tooLong("The list", text, LONGEST);
        }
        if (text.isBlank()) {
            throw InvalidInput.unreadable(
                    "The list",
                    "",
                    "Type what you have, such as: 3 kg nettles, 12 eggshells, 1 L vinegar, two 20 L buckets.");
        }
        List<Pantry.Thing> things = new ArrayList<>();
        List<Vessel> vessels = new ArrayList<>();
        List<String> unread = new ArrayList<>();
        for (String item : SEPARATOR.split(text.strip())) {
            if (!item.isBlank()) {
                readItem(item.strip(), things, vessels, unread);
            }
        }
        return new Reading(new Pantry(things, vessels), unread);
    }

    private void readItem(String item, List<Pantry.Thing> things, List<Vessel> vessels, List<String> unread) {
        String plain = digits(item.toLowerCase(Locale.ROOT).replaceAll("[.!]$", ""));
        try {
            List<Vessel> read = vessels(plain, vessels.size());
            if (!read.isEmpty()) {
                vessels.addAll(read);
                return;
            }
            Optional<Pantry.Thing> thing = thing(plain);
            thing.ifPresentOrElse(things::add, () -> unread.add(item));
        } catch (InvalidInput twoReadings) {
            unread.add(twoReadings.getMessage());
        }
    }

    private static String digits(String item) {
        return NUMBER_WORDS.entrySet().stream()
                .sorted(Comparator.comparingInt(
                        (Map.Entry<String, String> word) -> -word.getKey().length()))
                .filter(word -> item.startsWith(word.getKey() + " "))
                .findFirst()
                .map(word -> word.getValue() + item.substring(word.getKey().length()))
                .orElse(item);
    }

    private List<Vessel> vessels(String item, int before) {
        Matcher matcher = VESSELS.matcher(item);
        if (!matcher.matches()) {
            return List.of();
        }
        int count = matcher.group("count") == null ? 1 : Integer.parseInt(matcher.group("count"));
        VesselKind kind = VesselKind.valueOf(matcher.group("kind").toUpperCase(Locale.ROOT));
        try {
            Volume size = new AmountReader(system)
                    .largeVolume("The size", matcher.group("size"), Vessel.SMALLEST, Vessel.LARGEST);
            return Stream.iterate(1, number -> number + 1)
                    .limit(Math.max(1, Math.min(count, MOST_OF_A_KIND)))
                    .map(number -> Vessel.of(kind.letter() + (before + number), kind, size))
                    .toList();
        } catch (InvalidInput unread) {
            throwIfAmbiguous(unread);
            return List.of();
        }
    }

    private Optional<Pantry.Thing> thing(String item) {
        Matcher matcher = AMOUNT.matcher(item);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        String number = matcher.group("number");
        String rest = matcher.group("rest").strip();
        Optional<Material> counted =
                named(rest).filter(material -> material.counted().isPresent());
        if (counted.isPresent()) {
            double grams = counted.get().counted().orElseThrow().grams().value();
            return amount(number).map(count -> new Pantry.Thing(counted.get(), Mass.ofGrams(count * grams)));
        }
        for (int space = rest.indexOf(' '); space > 0; space = rest.indexOf(' ', space + 1)) {
            String unit = rest.substring(0, space);
            String name = rest.substring(space + 1).replaceFirst("^of\\s+", "");
            Optional<Material> material = named(name);
            if (material.isPresent()) {
                return quantity(number, unit, material.get()).map(amount -> new Pantry.Thing(material.get(), amount));
            }
        }
        return Optional.empty();
    }

    private Optional<Double> amount(String number) {
        try {
            return Optional.of(new AmountReader(system).number("The number", number, 0.001, 1_000_000));
        } catch (InvalidInput unread) {
            throwIfAmbiguous(unread);
            return Optional.empty();
        }
    }

    private Optional<Quantity> quantity(String number, String unit, Material material) {
        boolean piece = material.counted()
                .filter(counted -> unit.equals(counted.one()) || unit.equals(counted.many()))
                .isPresent();
        if (piece) {
            return amount(number)
                    .map(count -> Mass.ofGrams(
                            count * material.counted().orElseThrow().grams().value()));
        }
        try {
            return Optional.of(
                    new AmountReader(system).quantity("The amount", number + " " + unit, !material.liquid()));
        } catch (InvalidInput unread) {
            throwIfAmbiguous(unread);
            return Optional.empty();
        }
    }

    private static void throwIfAmbiguous(InvalidInput unread) {
        if (unread.ambiguous()) {
            throw unread;
        }
    }

    /** The material of a name: its own, or one of its aliases, in one or many. */
    private Optional<Material> named(String name) {
        String one = name.endsWith("s") ? name.substring(0, name.length() - 1) : name;
        return book.materials().stream()
                .filter(material -> Stream.concat(Stream.of(material.name()), material.aliases().stream())
                        .map(known -> known.toLowerCase(Locale.ROOT))
                        .anyMatch(known -> known.equals(name) || known.equals(one) || known.equals(name + "s")))
                .findFirst();
    }
}
