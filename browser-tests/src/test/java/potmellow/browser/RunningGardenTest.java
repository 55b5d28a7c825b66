package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The garden that already runs comes in: buckets at work, bottles from last month, pots set days ago. */
class RunningGardenTest extends GardenWalk {
    private static final int TAPS_FOR_ONE = 5;

    /** Six buckets of unknown age, a few taps each: nothing has to be typed. */
    @ParameterizedTest
    @EnumSource(Screen.class)
    void letsSixBucketsInWithAFewTapsEach(Screen screen) {
        Page page = open(screen, "/pots/standing");
        String[] since = {"today", "a week", "three weeks", "three months", "nobody knows", "nobody knows"};
        int taps = 0;
        for (int bucket = 0; bucket < since.length; bucket++) {
            radio(page, since[bucket]).click();
            radio(page, "half").click();
            button(page, "It stands here").click();
            taps += 3;
            assertThat(page.locator(".arrived li")).hasCount(bucket + 1);
        }
        assertThat(taps).isLessThanOrEqualTo(TAPS_FOR_ONE * since.length);
        Locator last = page.locator(".arrived li").first();
        assertThat(last).containsText("on body and lid of");
        last.getByRole(AriaRole.LINK).click();
        assertThat(page.getByText("Nobody knows exactly; it may be 365 days")).isVisible();
        assertThat(page.getByText("1:50")).isVisible();
    }

    @Test
    void takesInABottleOfLastMonthAndMixesFromIt() {
        Page page = open(Screen.PHONE, "/bottles");
        button(page, "A bottle you have already …").click();
        field(page, "What is in it?").selectOption("plant-juice");
        field(page, "What you call it").fill("Aunt's comfrey juice");
        field(page, "How much").fill("1 L");
        field(page, "Filled or bought when?").fill("about three weeks ago");
        assertThat(page.getByText("between", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        button(page, "It is in store").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Aunt's comfrey juice");
        Locator line = page.locator(".bottle-line").filter(new Locator.FilterOptions().setHasText("Aunt's comfrey"));
        line.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Mix"))
                .click();
        assertThat(buttonLike(page, "Poured: take")).isVisible();
    }

    @Test
    void setsAPotThatWasSetAWeekAgoAndLogsAVisitOfThen() {
        Page page = open(Screen.TABLE, PLANT_JUICE);
        field(page, "Name of the pot").fill("Last week's juice");
        field(page, "Set when?").fill("13 May at 8");
        assertThat(page.getByText("Wed 13 May 2026, 8:00")).isVisible();
        buttonLike(page, "Set this pot in").click();
        page.locator(".pot-main h1").waitFor();
        assertThat(page.locator(".pot-main")).containsText("set Wed 13 May");
        button(page, "add a note, or another day …").click();
        field(page, "When, if not now").fill("15 May at 9");
        button(page, "Looked").click();
        assertThat(page.locator(".log li").first()).containsText("15 May");
    }
}
