package potmellow.app.home;

import java.util.regex.Pattern;
import potmellow.core.measure.InvalidInput;

/**
 * What the owner wants of the home network.
 *
 * @param opened whether the garden answers there
 * @param name what it is called there, without ".local": a label of RFC 1123
 */
record HomeWish(boolean opened, String name) {
    private static final int LONGEST = 40;
    private static final Pattern LABEL = Pattern.compile("[a-z](?:[a-z0-9-]*[a-z0-9])?");
    static final HomeWish CLOSED = new HomeWish(false, "mellow");

    HomeWish {
        if (name.length() > LONGEST) {
            throw InvalidInput.tooLong("The name in the network", name, LONGEST);
        }
        if (!LABEL.matcher(name).matches()) {
            throw InvalidInput.unreadable(
                    "The name in the network",
                    name,
                    "Type small letters a to z, digits and hyphens, a letter first, such as mellow.");
        }
    }

    /** What it is called in the network. */
    String host() {
        return name + ".local";
    }
}
