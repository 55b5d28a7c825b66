package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.time.Duration;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What can burst, burn or sicken comes first, on the round and on the pot's page, with its one action in sight. */
class DangerTest extends GardenWalk {
    private static Locator stop(Page page, String name) {
        return page.locator(".stop").filter(new Locator.FilterOptions().setHasText(name));
    }

    private static Locator danger(Page page, String name) {
        return page.getByRole(
                AriaRole.ALERT,
                new Page.GetByRoleOptions().setName("Danger: " + name).setExact(true));
    }

    private static Locator vented(Locator danger) {
        return danger.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done: vented"));
    }

    private static void log(Page page, String name, String sign) {
        stop(page, name).click();
        Locator pad = page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
        pad.getByText(sign, new Locator.GetByTextOptions().setExact(true)).click();
        pad.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("log, next")))
                .click();
    }

    /** Above what covers the end of a phone's screen. */
    private static void assertOnTheFirstScreen(Page page, Locator action) {
        page.evaluate("() => window.scrollTo({ top: 0, behavior: 'instant' })");
        assertThat(action).isVisible();
        BoundingBox box = action.boundingBox();
        double bar = page.viewportSize().width < 700 ? 60 : 0;
        assertThat(box.y + box.height).isLessThanOrEqualTo(page.viewportSize().height - bar);
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void ventsABulgingLidFromTheTopOfTheRoundWhateverStopIsOpen(Screen screen) {
        Page page = open(screen, "/pots");
        link(page, "Galley bin").first().click();
        page.getByText("bulging", new Page.GetByTextOptions().setExact(true)).click();
        button(page, "Looked").click();
        assertOnTheFirstScreen(page, vented(danger(page, "Galley bin")));

        clock.advance(Duration.ofMinutes(1));
        to(page, "/round");
        stop(page, "Pea-shoot juice").click();
        Locator top = page.locator(".dangers").getByRole(AriaRole.ALERT).first();
        assertThat(top).containsText("away from your face");
        assertOnTheFirstScreen(page, vented(top));
        vented(top).click();
        assertThat(danger(page, "Galley bin")).hasCount(0);

        to(page, "/pots");
        link(page, "Galley bin").first().click();
        assertThat(page.getByText("Since then: vented")).isVisible();
        assertThat(page.locator(".log li").first()).containsText("vented");
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void throwsColouredMouldAwayFromTheHeadOfItsPage(Screen screen) {
        Page page = open(screen, "/round");
        log(page, "Chickweed juice", "coloured mould");
        assertThat(page.getByText("It changes what to do here")).isVisible();
        link(page, "Throw it away …").first().click();
        page.waitForURL("**/pots/*");
        page.locator(".pot-main").waitFor();
        Locator head = danger(page, "Chickweed juice");
        assertThat(head).containsText("mould grows on it");
        Locator away = head.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Log as thrown away"));
        assertOnTheFirstScreen(page, away);
        assertThat(page.locator(".pot-main .ribbon")).hasCount(0);
        away.click();
        assertThat(page.getByText("Its vessel J2 is free again")).isVisible();
        to(page, "/round");
        assertThat(danger(page, "Chickweed juice")).hasCount(0);
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void headsThePageOfAReadyPotWithWhatToDo(Screen screen) {
        Page page = open(screen, "/pots");
        link(page, "Mugwort juice").first().click();
        assertThat(page.getByText("Ready: strain it").first()).isVisible();
        assertOnTheFirstScreen(page, button(page, "Strain it …"));
        button(page, "Strain it …").click();
        assertThat(field(page, "As measured")).isFocused();
    }
}
