package potmellow.app.find;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * What is looked for: what is found has all of them, in any order, anywhere in its name or code.
 *
 * @param all in small letters, at most {@link #MOST}
 */
record Words(List<String> all) {
    /** Whoever types more words means the first of them. */
    static final int MOST = 4;

    Words {
        all = List.copyOf(all);
    }

    static Words of(String typed) {
        return new Words(Arrays.stream(typed.strip().toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .limit(MOST)
                .toList());
    }

    boolean none() {
        return all.isEmpty();
    }

    boolean in(String text) {
        String small = text.toLowerCase(Locale.ROOT);
        return all.stream().allMatch(small::contains);
    }

    /** The n-th as a pattern of SQL's LIKE; one that fits all, where there are fewer. */
    String pattern(int number) {
        return number < all.size()
                ? "%"
                        + all.get(number)
                                .replace("\\", "\\\\")
                                .replace("%", "\\%")
                                .replace("_", "\\_") + "%"
                : "%";
    }
}
