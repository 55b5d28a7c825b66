package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.io.IOException;
import java.nio.file.Files;
import java.time.Duration;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Goals set, counted back from, carried out, missed and answered. The clock stands at 20 May 2026. */
class PlanTest extends GardenWalk {
    private void wantNothing() {
        database.execute("DELETE FROM plan_kept");
        database.execute("DELETE FROM plan_goal");
    }

    private static void want(Page page, String product, String amount, String by) {
        button(page, "Want something").click();
        field(page, "Brew").selectOption(product);
        field(page, "How much each time").fill(amount);
        field(page, "By").fill(by);
        button(page, "Count back from it").click();
    }

    private static Locator goal(Page page, String words) {
        return page.locator(".plan-goals li").filter(new Locator.FilterOptions().setHasText(words));
    }

    private static Locator step(Page page, String title) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Step: " + title));
    }

    private static Locator moved(Page page) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What moved"));
    }

    /** A goal, its chain, its first step set as a pot, and the next step drawn along by that pot. */
    @ParameterizedTest
    @EnumSource(Screen.class)
    void countsBackStartsTheFirstStepAndFollowsItsPot(Screen screen) {
        wantNothing();
        Page page = open(screen, "/plan");
        assertThat(page.getByText("Nothing is wanted yet")).isVisible();
        want(page, "lactic-serum", "3 L", "2026-08-20");
        assertThat(goal(page, "3 L of serum by Thu 20 Aug")).containsText("in time");
        buttonLike(page, "Lactic serum in ").click();
        assertThat(step(page, "Lactic serum")).containsText("Waits for");

        buttonLike(page, "Rice rinse in ").click();
        link(page, "Start it now").click();
        assertThat(page.getByText("This pot carries out a step of the plan")).isVisible();
        page.locator("h1").first().waitFor();
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("The water has stood already"))
                .check();
        buttonLike(page, "Set this pot in ").click();
        assertThat(page).hasURL(Pattern.compile("/pots/[0-9a-f-]{36}$"));

        page.navigate(page.url().replaceAll("/pots/.*", "/plan"));
        assertThat(page.getByText(Pattern.compile("^J\\d Rice rinse.*, at work$")))
                .isVisible();
        assertThat(moved(page)).containsText("is ready sooner, and keeps only to");
        assertThat(goal(page, "3 L of serum")).containsText("in time");
        button(page, "All right, keep it so").click();
        assertThat(moved(page)).isHidden();
    }

    @Test
    void answersAStepThatWasMissedAndTakesTheRemedy() {
        wantNothing();
        Page page = open(Screen.TABLE, "/plan");
        want(page, "herb-extract", "600 mL", "2026-06-20");
        assertThat(goal(page, "by Sat 20 Jun")).containsText("in time");
        assertThat(step(page, "Warming herb extract")).containsText("Sat 30 May, 8:00");

        clock.advance(Duration.ofDays(15));
        page.reload();
        assertThat(moved(page)).containsText("from Sat 30 May to Thu 4 Jun");
        assertThat(moved(page)).containsText("That day is over.");
        assertThat(goal(page, "by Sat 20 Jun")).containsText("5 days late");
        assertThat(page.getByText("will surely be there only on Thu 25 Jun: 5 days late"))
                .isVisible();

        button(page, "Want it 5 days later").click();
        assertThat(goal(page, "by Thu 25 Jun")).containsText("in time");
    }

    @Test
    void settlesAPlaceAndAWayByTheRemediesOffered() {
        wantNothing();
        Page page = open(Screen.TABLE, "/plan");
        want(page, "plant-juice", "6 L", "2026-05-26");
        assertThat(goal(page, "6 L of juice")).containsText("late");
        buttonLike(page, "Put juice where it is warmer: ").first().click();
        assertThat(page.getByText("Settled by you")).isVisible();
        button(page, "Leave juice open again").click();
        assertThat(page.getByText("Settled by you")).isHidden();
    }

    @Test
    void saysWhatIsWrongBesideTheFieldAndKeepsWhatWasTyped() {
        Page page = open(Screen.PHONE, "/plan");
        want(page, "plant-juice", "a lot", "2026-08-01");
        assertThat(alert(page, "The amount")).isVisible();
        assertThat(field(page, "How much each time")).hasValue("a lot");
        field(page, "How much each time").fill("40 L");
        radio(page, "of a mix").click();
        field(page, "Strength of the mix").fill("1:100");
        radio(page, "again and again").click();
        field(page, "Last").fill("2026-10-10");
        button(page, "Count back from it").click();
        assertThat(goal(page, "40 L of juice at 1:100 every 14 days")).isVisible();
    }

    @Test
    void showsVesselsAsLanesAndOpensStepsByKeyboard() {
        Page page = open(Screen.TABLE, "/plan");
        radio(page, "by vessel").click();
        assertThat(page.locator(".plan-chart text").filter(new Locator.FilterOptions().setHasText("K1")))
                .isVisible();
        buttonLike(page, "Pickled kitchen waste in K1").focus();
        page.keyboard().press("Enter");
        assertThat(step(page, "Pickled kitchen waste")).containsText("Days until your bin is full");
        field(page, "Days until your bin is full").fill("5");
        button(page, "Settle").click();
        assertThat(page.getByText("full in 5 days")).isVisible();
    }

    @Test
    void letsAGoalGo() {
        Page page = open(Screen.TABLE, "/plan");
        buttonLike(page, "Remove 900 mL of shell calcium").click();
        assertThat(goal(page, "shell calcium")).hasCount(0);
    }

    @Test
    void givesTheSeasonOnPaperAndAsACalendar() throws IOException {
        Page page = open(Screen.TABLE, "/plan");
        Download file = page.waitForDownload(() -> link(page, "Calendar file").click());
        String calendar = Files.readString(file.path());
        assertThat(calendar).startsWith("BEGIN:VCALENDAR").contains("TZID=Europe/London", "SUMMARY:Set ");

        link(page, "Season on paper").click();
        assertThat(page.getByText("Season of Gull Loft")).isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(button(page, "Print")).isHidden();
        assertThat(page.locator(".round-sheet tbody tr").first()).containsText("☐");
    }

    @Test
    void tellsTheRoundWhatIsAhead() {
        wantNothing();
        Page page = open(Screen.TABLE, "/plan");
        want(page, "herb-extract", "600 mL", "2026-06-12");
        page.keyboard().press("Escape");
        link(page, "Round").click();
        assertThat(page.getByText("set warming herb extract in")).isVisible();
    }
}
