package potmellow.core.measure;

/**
 * A piece of what was typed.
 *
 * @param kind what it is
 * @param text as it was typed, without dots behind short forms
 * @param value the number; 0 for what is none
 */
public record Token(Kind kind, String text, double value) {
    /** What a piece can be. */
    public enum Kind {
        NUMBER,
        WORD,
        SIGN
    }

    static Token number(String text, double value) {
        return new Token(Kind.NUMBER, text, value);
    }

    public boolean isNumber() {
        return kind == Kind.NUMBER;
    }

    /** Whether it is one of some words or signs; letters of either case. */
    public boolean is(String... any) {
        for (String one : any) {
            if (kind != Kind.NUMBER && one.equalsIgnoreCase(text)) {
                return true;
            }
        }
        return false;
    }
}
