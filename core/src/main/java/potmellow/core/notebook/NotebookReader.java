package potmellow.core.notebook;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.feeding.Look;
import potmellow.core.measure.InvalidInput;

/**
 * Reads what a notebook says was done, in the words of people: "watered", "pale, soil dry", "nettle liquid 1:10", "bottled chickweed
 * juice", "set weed bucket".
 */
public final class NotebookReader {
    private static final String ALLOWED =
            "Say it like “watered”, “pale”, “nettle liquid 1:10”, “bottled plant juice” or" + " “set weed bucket”.";
    private static final Pattern WATERED = Pattern.compile("\\b(?:plain )?(?:water|watered|watering)\\b.*");
    private static final Pattern FED =
            Pattern.compile("^(?:fed|fed with|feed|poured|gave|given|drenched|sprayed)\\b(?: with)?");
    private static final Pattern BOTTLED = Pattern.compile("^(?:bottled|strained|filled)\\b");
    private static final Pattern SET = Pattern.compile("^(?:set|started|began|put up|new pot)\\b:?");
    private static final Pattern LINKS =
            Pattern.compile("^(?:with|at|of|in|the|,|;|-|–|\\s)+|(?:with|at|of|,|;|-|–|\\s)+$");

    private final Map<String, String> brews = new LinkedHashMap<>();
    private final Map<String, String> ways = new LinkedHashMap<>();

    /**
     * @param book the book, for the names of brews and of the ways to make them
     * @param more other names of brews, such as those on bottles, with the id of the brew
     */
    public NotebookReader(Book book, Map<String, String> more) {
        for (Method method : book.methods()) {
            ways.putIfAbsent(plain(method.title() + " " + method.school().name()), method.id());
            ways.putIfAbsent(plain(method.title()), method.id());
            ways.putIfAbsent(plain(book.productOf(method).name()), method.id());
            ways.putIfAbsent(method.id().replace('-', ' '), method.id());
        }
        for (Product product : book.products()) {
            brews.putIfAbsent(plain(product.name()), product.id());
            brews.putIfAbsent(product.id().replace('-', ' '), product.id());
        }
        book.methods().forEach(method -> brews.putIfAbsent(plain(method.title()), method.product()));
        more.forEach((name, product) -> brews.putIfAbsent(plain(name), product));
    }

    /**
     * Reads what was done.
     *
     * @throws InvalidInput where it can't be read
     */
    public Said read(String what) {
        String text = plain(what);
        return after(BOTTLED, text)
                .flatMap(rest -> named(brews, rest).<Said>map(name -> new Said.Bottled(brews.get(name))))
                .or(() -> after(SET, text).flatMap(rest -> named(ways, rest).map(name -> new Said.Set(ways.get(name)))))
                .or(() -> fed(after(FED, text).orElse(text)))
                .or(() -> looked(text))
                .or(() -> WATERED.matcher(text).matches() ? Optional.of(new Said.Watered()) : Optional.empty())
                .orElseThrow(() -> InvalidInput.unreadable("What was done", what, ALLOWED));
    }

    private Optional<Said> fed(String text) {
        return named(brews, text).map(name -> {
            String strength = text.replaceFirst(Pattern.quote(name), " ").strip();
            return new Said.Fed(
                    brews.get(name), LINKS.matcher(strength).replaceAll("").strip());
        });
    }

    private static Optional<Said> looked(String text) {
        return Stream.of(Look.values())
                .filter(look -> Stream.concat(
                                Stream.of(look.word()), List.of(look.words().split(" or |, ")).stream())
                        .anyMatch(word -> holds(text, word)))
                .findFirst()
                .map(look -> new Said.Looked(look, holds(text, "dry")));
    }

    private static Optional<String> after(Pattern verb, String text) {
        return verb.matcher(text).find()
                ? Optional.of(verb.matcher(text).replaceFirst("").strip())
                : Optional.empty();
    }

    /** The longest name that a text holds. */
    private static Optional<String> named(Map<String, String> names, String text) {
        return names.keySet().stream().filter(name -> holds(text, name)).max(Comparator.comparingInt(String::length));
    }

    private static boolean holds(String text, String words) {
        return Pattern.compile("(?<![\\p{L}\\p{N}])" + Pattern.quote(words) + "(?![\\p{L}\\p{N}])")
                .matcher(text)
                .find();
    }

    private static String plain(String text) {
        return text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    }
}
