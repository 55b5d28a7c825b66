package potmellow.core.book;

import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Holds for every text of a method, wherever it stands: it says something, in letters that can be written down and read back. A
 * text that may be left out is absent or empty, never blank.
 */
final class Wording {
    private static final int LONGEST = 2000;
    /** What may say nothing: where a number is printed, the unit of a share, what a school costs, a rung that is only a number. */
    private static final Set<String> MAY_BE_EMPTY = Set.of("source", "unit", "costs", "Rung.words");

    private Wording() {}

    /** @throws IllegalArgumentException for the first text that says nothing or can't be kept, naming where it stands */
    static void require(Record record) {
        require(record, "");
    }

    private static void require(Object value, String at) {
        if (value instanceof Record record) {
            for (RecordComponent component : record.getClass().getRecordComponents()) {
                String where = at.isEmpty() ? component.getName() : at + " › " + component.getName();
                Object inner = read(component, record);
                if (component.getType() == String.class && !mayBeEmpty(record, component)) {
                    requireWords((String) inner, where);
                } else {
                    require(inner, where);
                }
            }
        } else if (value instanceof Collection<?> many) {
            int number = 0;
            for (Object one : many) {
                number++;
                require(one instanceof String text ? new Line(text) : one, at + " › no. " + number);
            }
        } else if (value instanceof Optional<?> maybe) {
            maybe.ifPresent(one -> require(one instanceof String text ? new Line(text) : one, at));
        } else if (value instanceof Map<?, ?> map) {
            require(map.keySet(), at);
            require(map.values(), at);
        } else if (value instanceof String text) {
            requireReadable(text, at);
        }
    }

    private static boolean mayBeEmpty(Record record, RecordComponent component) {
        return MAY_BE_EMPTY.contains(component.getName())
                || MAY_BE_EMPTY.contains(record.getClass().getSimpleName() + "." + component.getName());
    }

    /** One text of a list. */
    private record Line(String text) {}

    private static Object read(RecordComponent component, Record record) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(component + " can't be read.", e);
        }
    }

    private static void requireWords(String text, String at) {
        if (text == null || text.isBlank()) {
            throw new IllegalArgumentException("“" + at + "” says nothing: write a word or two, or leave it out.");
        }
        requireReadable(text, at);
    }

    private static void requireReadable(String text, String at) {
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "“" + at + "” has " + text.length() + " characters; at most " + LONGEST + " are kept.");
        }
        text.codePoints().filter(letter -> !readable(letter)).findFirst().ifPresent(letter -> {
            throw new IllegalArgumentException(
                    String.format("“%s” holds a sign that can't be kept (U+%04X); write it without.", at, letter));
        });
    }

    /** Printed letters, spaces and line ends; no control signs, no halves of letters. */
    private static boolean readable(int letter) {
        return letter == '\n'
                || letter == '\t'
                || !Character.isISOControl(letter)
                        && letter != '\uFEFF'
                        && letter != '\uFFFE'
                        && letter != '\uFFFF'
                        && Character.getType(letter) != Character.SURROGATE
                        && Character.getType(letter) != Character.LINE_SEPARATOR
                        && Character.getType(letter) != Character.PARAGRAPH_SEPARATOR;
    }
}
