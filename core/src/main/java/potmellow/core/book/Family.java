package potmellow.core.book;

/** Methods that ripen and spoil alike. */
public enum Family {
    SUGAR
}
