package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.SelectOption;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Base64;
import java.util.Date;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A pot followed from day to day on the round to its bottle, and everything round about it, with the clock moved by hand. */
class DayByDayTest extends GardenWalk {
    private static Locator stop(Page page, String name) {
        return page.locator(".stop").filter(new Locator.FilterOptions().setHasText(name));
    }

    private static Locator open(Page page, String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void nextDay(Page page) {
        clock.advance(Duration.ofHours(24));
        page.reload();
        page.locator(".stop").first().waitFor();
    }

    /** Setting, seven mornings, a reading off a simulated meter, ready, strained: by mouse or thumb. */
    @ParameterizedTest
    @EnumSource(Screen.class)
    void followsAPotOnTheRoundUntilItIsInItsBottle(Screen screen) {
        Page page = open(screen, PLANT_JUICE);
        field(page, "Name of the pot").fill("Trial juice");
        buttonLike(page, "Set this pot in").click();
        page.locator(".pot-main h1").waitFor();
        for (int day = 1; day <= 10; day++) {
            page.navigate(page.url().replaceAll("/(pots|round).*", "/round"));
            page.locator(".stop").first().waitFor();
            nextDay(page);
            stop(page, "Trial juice").click();
            Locator pad = open(page, "Trial juice");
            pad.waitFor();
            if (day == 4) {
                pad.getByRole(
                                AriaRole.BUTTON,
                                new Locator.GetByRoleOptions().setName("Read the warmth meter, simulated"))
                        .click();
                assertThat(pad.getByText("simulated", new Locator.GetByTextOptions().setExact(true))
                                .first())
                        .isVisible();
            }
            pad.getByText(day < 7 ? "lively" : "a few", new Locator.GetByTextOptions().setExact(true))
                    .click();
            pad.getByText(day < 7 ? "yeasty" : "sweet-sour", new Locator.GetByTextOptions().setExact(true))
                    .click();
            pad.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("log, next")))
                    .click();
            assertThat(stop(page, "Trial juice")).containsText("stirred ✓");
        }
        stop(page, "Trial juice").click();
        Locator pad = open(page, "Trial juice");
        assertThat(pad.getByText("Ready: strain it").first()).isVisible();
        pad.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Strain it …"))
                .click();
        assertThat(page.locator(".log li")).hasCount(10);
        field(page, "As measured").fill("480 mL");
        button(page, "Strained: fill a bottle").click();
        assertThat(page.getByText("Bottled as")).isVisible();
    }

    /** The server is gone for a while: nothing is lost, and nothing counts twice when it is back. */
    @Test
    void keepsAVisitThroughALostConnectionAndCountsItOnce() {
        Page page = open(Screen.PHONE, "/round");
        page.context().clock().setFixedTime(Date.from(clock.instant()));
        stop(page, "Pea-shoot juice").click();
        Locator pad = open(page, "Pea-shoot juice");
        pad.waitFor();
        page.route("**/checks", route -> {
            route.fetch();
            route.abort();
        });
        pad.getByText("a few", new Locator.GetByTextOptions().setExact(true)).click();
        pad.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("log, next")))
                .click();
        assertThat(page.getByText("1 waits")).isVisible();
        page.reload();
        assertThat(page.getByText("1 waits")).isVisible();
        page.locator(".connection-line").click();
        assertThat(page.getByText("A visit of Pea-shoot juice")).isVisible();
        page.unroute("**/checks");
        button(page, "Try now").click();
        assertThat(page.getByText("1 waits")).isHidden();
        Integer today = database.queryForObject(
                "SELECT COUNT(*) FROM batch_check c JOIN batch b ON b.id = c.batch_id"
                        + " WHERE b.name = 'Pea-shoot juice' AND c.checked_at > '2026-05-20 08:00:00'",
                Integer.class);
        assertThat(today).isEqualTo(1);
    }

    @Test
    void walksTheRoundByKeysAlone() {
        Page page = open(Screen.TABLE, "/round");
        page.locator(".open-stop form").waitFor();
        String first = page.locator(".stop.on b").textContent();
        page.keyboard().press("ArrowDown");
        assertThat(page.locator(".stop.on b")).not().hasText(first);
        page.keyboard().press("ArrowUp");
        assertThat(page.locator(".stop.on b")).hasText(first);
        page.locator(".open-stop form").waitFor();
        page.keyboard().press("Enter");
        assertThat(page.locator(".stop.on b")).not().hasText(first);
        assertThat(stop(page, first)).containsText("✓");
    }

    @Test
    void seesAHeapComingToItsLimit() {
        Page page = open(Screen.TABLE, "/pots");
        link(page, "Headland heap").click();
        assertThat(page.getByText("reaches 49 °C in").first()).isVisible();
        assertThat(page.locator(".recharts-surface").first()).isVisible();
        assertThat(page.getByText("49 °C or less")).isVisible();
    }

    @Test
    void movesAPotAndShowsTheMoveInItsLog() {
        Page page = open(Screen.PHONE, "/pots");
        link(page, "Pea-shoot juice").first().click();
        button(page, "Move it …").click();
        field(page, "Where to").selectOption(new SelectOption().setLabel("Cold box, 5 °C now"));
        button(page, "Moved").click();
        assertThat(page.getByText("moved to Cold box")).isVisible();
    }

    @Test
    void showsPastPotsOnTheSameAxis() {
        Page page = open(Screen.TABLE, "/pots");
        button(page, "With past pots").click();
        assertThat(link(page, "Forgotten serum")).isVisible();
        link(page, "Forgotten serum").click();
        assertThat(page.getByText("pink mould after two weeks away")).isVisible();
    }

    @Test
    void decidesOnABottleThatHasTurned() {
        Page page = open(Screen.PHONE, "/bottles");
        Locator form = page.getByRole(AriaRole.FORM)
                .filter(new Locator.FilterOptions().setHasText("What do you see"))
                .first();
        form.getByLabel("What do you see and smell?").fill("clear, sour, no film");
        form.getByRole(AriaRole.BUTTON).click();
        assertThat(page.getByText("30 days left")
                        .or(page.getByText("keeps to 19 Jun 2026"))
                        .first())
                .isVisible();
    }

    @Test
    void findsWhatABucketHeldOnAnyDay() {
        Page page = open(Screen.PHONE, "/codes");
        field(page, "Code on body or lid").fill("j8");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Everything it has held")).isVisible();
        field(page, "On").fill("2026-04-02");
        assertThat(page.getByText("On Thu 2 Apr it held")).isVisible();
        assertThat(link(page, "Galley serum").first()).isVisible();
    }

    @Test
    void takesAPictureIn() {
        Page page = open(Screen.PHONE, "/pots");
        link(page, "Pea-shoot juice").first().click();
        byte[] pixel = Base64.getDecoder()
                .decode(
                        "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");
        Locator pictures = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Pictures"));
        Locator file = pictures.getByLabel("A picture of Pea-shoot juice");
        file.setInputFiles(new FilePayload("pot.png", "image/png", pixel));
        assertThat(page.locator(".photos img")).isVisible();
        file.setInputFiles(new FilePayload("pot.png", "image/png", "no picture".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("That file is no picture that can be read")).isVisible();
    }

    @Test
    void changesAPlaceAndWritesAColdDayDown() {
        Page page = open(Screen.TABLE, "/places");
        button(page, "Describe Lee wall anew").click();
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Describe Lee wall"));
        form.getByLabel("Warmer than outdoors by").fill("2");
        form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep this"))
                .click();
        assertThat(page.getByText("2 °C warmer than outdoors")).isVisible();
        field(page, "Lowest").fill("-3");
        field(page, "Highest").fill("4");
        button(page, "Write it down").click();
        assertThat(page.getByText("-3 to 4 °C, dry, frost")).isVisible();
    }

    @Test
    void holdsAnOddReadingFromOutsideBackForALook() {
        Page page = open(Screen.TABLE, "/readings");
        field(page, "Another instrument").fill("Shelf probe");
        button(page, "Give it a token").click();
        String token = page.locator(".token").textContent();
        page.evaluate(
                "token => fetch('/api/readings', { method: 'POST', headers: { Authorization: 'Bearer ' + token,"
                        + " 'Content-Type': 'application/json' },"
                        + " body: JSON.stringify([{ code: 'J4', meter: 'ph', value: '12' }]) })",
                token);
        page.reload();
        assertThat(page.getByText("That is odd for a pot")).isVisible();
        buttonLike(page, "Take J4 ph 12").click();
        assertThat(page.getByText("Nothing waits.")).isVisible();
    }

    @Test
    void printsLabelsWithoutTheHeadOfThePage() {
        Page page = open(Screen.TABLE, "/labels");
        page.locator(".label-card").first().waitFor();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator(".band")).isHidden();
        assertThat(page.locator(".label-card").first()).isVisible();
        assertThat(page.getByText("leave it out").first()).isHidden();
    }
}
