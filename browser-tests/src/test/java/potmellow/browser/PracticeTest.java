package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Practice pots: days in seconds, and at the end what happened inside. */
class PracticeTest extends GardenWalk {
    private static Locator side(Page page) {
        return page.locator(".side");
    }

    @Test
    void aLessonIsPlayedToItsEndAndMarkedSo() {
        Page page = open(Screen.PHONE, "/practice");
        link(page, "The first jar").click();
        assertThat(page.locator(".practice-day")).hasText("day 0 of 21 days");
        button(page, "A day on").click();
        assertThat(page.locator(".practice-day")).hasText("day 1 of 21 days");
        button(page, "stir").click();
        button(page, "Until something shows").click();
        assertThat(side(page)).containsText("The first bubbles rise.");
        button(page, "Look and smell").click();
        assertThat(side(page)).containsText("Bubbles: ");
        button(page, "Measure").click();
        assertThat(side(page)).containsText(Pattern.compile("pH \\d"));
        page.reload();
        assertThat(side(page)).containsText("Bubbles: ");
        button(page, "Strain it").click();
        assertThat(page.locator("h1")).hasText("The first jar: what happened inside");
        assertThat(side(page)).containsText(Pattern.compile("too soon"));
        assertThat(side(page)).containsText("sooner than an old hand");
        assertThat(side(page)).containsText("strain before you wonder");
        button(page, "The same pot again").click();
        assertThat(page.locator(".practice-day")).hasText("day 0 of 21 days");
        page.goBack();
        assertThat(link(page, "The first jar")).containsText("ended, not yet well");
    }

    @OnlyReads
    @Test
    void aLidThatIsForgottenGivesWay() {
        Page page = open(Screen.TABLE, "/practice/forgotten-lid");
        assertThat(page.getByRole(AriaRole.IMG).first()).hasAccessibleName(Pattern.compile("the lid is shut"));
        for (int day = 3; day <= 9; day += 3) {
            button(page, "Three days on").click();
            assertThat(page.locator(".practice-day")).hasText("day " + day + " of 24 days");
        }
        button(page, "Three days on").click();
        assertThat(side(page)).containsText("The lid gave way.");
        assertThat(side(page)).containsText("on the wall and the floor");
    }

    @OnlyReads
    @Test
    void anyPotCanBePractisedFreely() {
        Page page = open(Screen.TABLE, "/practice");
        field(page, "What is made").selectOption("nettle-tea");
        page.getByLabel("lid screwed tight").check();
        button(page, "Set this pot").click();
        assertThat(page.locator("h1")).hasText("Free practice");
        button(page, "leave the lid loose").click();
        assertThat(button(page, "leave the lid loose")).isHidden();
    }

    @OnlyReads
    @Test
    void eachOfSixBucketsIsWorkedOnByItself() {
        Page page = open(Screen.PHONE, "/practice/six-buckets");
        button(page, "Three days on").click();
        assertThat(page.locator(".practice-one").nth(2)).containsText("the lid bulges");
        page.locator(".practice-one").nth(2).click();
        button(page, "leave the lid loose").click();
        assertThat(page.locator(".practice-one").nth(2)).not().containsText("the lid bulges");
        page.locator(".practice-one").nth(0).click();
        button(page, "Throw it away").click();
        assertThat(page.locator(".practice-one").nth(0)).containsText("threw it away");
        assertThat(button(page, "Throw it away")).isHidden();
    }

    @OnlyReads
    @Test
    void whatIsPouredTooStrongScorchesTheBed() {
        Page page = open(Screen.TABLE, "/practice/too-strong");
        assertThat(page.locator(".practice-bed")).hasAccessibleName(Pattern.compile("The bed: green leaves"));
        button(page, "An hour on").click();
        assertThat(page.locator(".practice-day")).hasText("day 0, 9:00 of 4 days");
        field(page, "How thin, one part to water").selectOption("1:5");
        button(page, "Pour it on the bed").click();
        button(page, "Six hours on").click();
        assertThat(page.locator(".practice-bed")).hasAccessibleName(Pattern.compile("brown"));
        button(page, "That is all").click();
        assertThat(side(page)).containsText("of the young leaves");
        assertThat(page.locator(".practice-curves")).containsText("an old hand pours 1:500 here");
    }
}
