package potmellow.core.book;

/** How much light a place gets, darkest first. */
public enum Light {
    DARK("dark"),
    SHADE("shade"),
    SUN("sun");

    private final String words;

    Light(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether a place with this light will do where the other is asked for: darker is always fine. */
    public boolean suits(Light asked) {
        return compareTo(asked) <= 0;
    }
}
