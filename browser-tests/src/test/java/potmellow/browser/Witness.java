package potmellow.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Says what every page showed when a walk failed: a wait that ends says only what wasn't there. */
final class Witness implements AfterTestExecutionCallback {
    @Override
    public void afterTestExecution(ExtensionContext walk) {
        if (walk.getExecutionException().isEmpty()) {
            return;
        }
        GardenWalk garden = (GardenWalk) walk.getRequiredTestInstance();
        for (BrowserContext context : garden.contexts()) {
            for (Page page : context.pages()) {
                System.err.println(
                        "When " + walk.getDisplayName() + " failed, " + page.url() + " showed:\n" + text(page));
            }
        }
    }

    private static String text(Page page) {
        try {
            return page.locator("body").innerText();
        } catch (PlaywrightException gone) {
            return "nothing any more: " + gone.getMessage();
        }
    }
}
