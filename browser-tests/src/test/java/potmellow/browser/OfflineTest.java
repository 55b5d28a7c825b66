package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.Date;
import org.junit.jupiter.api.Test;

/** A gardener whose phone has no connection, and fingers that stay on a key. */
class OfflineTest extends GardenWalk {
    private int visits() {
        return database.queryForObject("SELECT COUNT(*) FROM batch_check", Integer.class);
    }

    private static Locator log(Page page) {
        return page.locator(".open-stop form button[type=submit]");
    }

    private static String openStop(Page page) {
        return page.locator(".open-stop").getAttribute("aria-label");
    }

    @Test
    void keepsAVisitWhileTheBrowserIsOfflineAndSendsItOnceAfterTheTabWasClosed() {
        Page page = open(Screen.PHONE, "/round");
        page.context().clock().setFixedTime(Date.from(clock.instant()));
        log(page).waitFor();
        int before = visits();
        String stop = openStop(page);
        page.context().setOffline(true);
        page.locator(".open-stop .option").first().click();
        log(page).click();
        assertThat(page.getByText("No connection")).isVisible();
        assertThat(page.getByText("1 waits")).isVisible();
        page.locator(".connection-line").click();
        assertThat(page.getByText("A visit of " + stop)).isVisible();
        assertThat(page.getByText("kept here ✓")).isVisible();
        assertThat(visits()).isEqualTo(before);
        page.close();

        page.context().setOffline(false);
        Page later = another(page, "/round");
        later.waitForCondition(() -> visits() == before + 1);
        // What was judged of it may still be told at the edge: where the first stop is one of danger, it is.
        assertThat(later.getByText("1 waits")).isHidden();
        later.reload();
        log(later).waitFor();
        assertThat(visits()).isEqualTo(before + 1);
    }

    /** The browser may only believe to be offline: the application can be on this very device. */
    @Test
    void logsAtOnceWhereTheServerAnswersThoughTheBrowserSaysOffline() {
        Page page = open(Screen.TABLE, "/round");
        log(page).waitFor();
        int before = visits();
        page.evaluate("() => window.dispatchEvent(new Event('offline'))");
        log(page).click();
        page.waitForCondition(() -> visits() == before + 1);
    }

    @Test
    void logsOneVisitHoweverLongEnterIsHeld() {
        Page page = open(Screen.TABLE, "/round");
        log(page).waitFor();
        int before = visits();
        String stop = openStop(page);
        for (int repeat = 0; repeat < 8; repeat++) {
            page.keyboard().down("Enter");
        }
        page.locator(".open-stop:not([aria-label='" + stop + "'])").waitFor();
        log(page).waitFor();
        for (int repeat = 0; repeat < 8; repeat++) {
            page.keyboard().down("Enter");
        }
        page.keyboard().up("Enter");
        assertThat(visits()).isEqualTo(before + 1);
    }

    @Test
    void poursNothingByEnterInAnyFieldOfMix() {
        Page page = openMix(Screen.TABLE);
        Locator pour = buttonLike(page, "Poured: take");
        assertThat(pour).isEnabled();
        int before = database.queryForObject("SELECT COUNT(*) FROM feed", Integer.class);
        for (Locator typed : page.locator("form.mix input[type=text], form.mix input:not([type])")
                .all()) {
            typed.focus();
            page.keyboard().press("Enter");
        }
        assertThat(pour).isEnabled();
        assertThat(database.queryForObject("SELECT COUNT(*) FROM feed", Integer.class))
                .isEqualTo(before);
        pour.click();
        page.waitForCondition(() -> database.queryForObject("SELECT COUNT(*) FROM feed", Integer.class) == before + 1);
    }
}
