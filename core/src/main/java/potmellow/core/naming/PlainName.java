package potmellow.core.naming;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import potmellow.core.measure.InvalidInput;

/**
 * A name of 1 to 60 characters without markup, so that it reads the same on a screen, a label and a printed sheet.
 *
 * @param text the name, without spaces around it
 */
public record PlainName(String text) {
    public static final int LONGEST = 60;

    private static final String ALLOWED =
            "Type a name of 1 to " + LONGEST + " characters: letters, digits, spaces and - ' . , : & ( ) / + # °.";
    private static final Pattern FOREIGN = Pattern.compile("[^\\p{L}\\p{M}\\p{N} \\-–'’.,:&()/+#°½¼¾]");

    /**
     * Checks a name.
     *
     * @throws InvalidInput where it is empty, too long or holds other characters; the message names the first of them
     */
    public PlainName {
        text = text.strip();
        if (text.isEmpty()) {
            throw InvalidInput.unreadable("The name", text, ALLOWED);
        }
        if (text.length() > LONGEST) {
            throw InvalidInput.tooLong("The name", text, LONGEST);
        }
        Matcher foreign = FOREIGN.matcher(text);
        if (foreign.find()) {
            throw InvalidInput.unreadable(
                    "The name", text, "“" + foreign.group() + "” is not allowed in a name. " + ALLOWED);
        }
    }
}
