package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.file.Files;
import java.time.Duration;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Plants fed, looked at and fed anew by what they showed; and all that stands in the way of a feed. */
class FeedingTest extends GardenWalk {
    private static final String KEEPER = "Quince leaves, long-keeper";

    /** Opens Mix with the long-keeper for one planting alone. */
    private static void mixKeeperFor(Page page, String planting) {
        to(page, "/mix");
        planting(page, planting).click();
        takeBottle(page, KEEPER);
    }

    private static void addTrialSquash(Page page) {
        button(page, "Add a planting").click();
        field(page, "Crop").selectOption(new SelectOption().setLabel("Winter squash"));
        field(page, "What you call it").fill("Trial squash");
        field(page, "Ground").fill("4 m²");
        button(page, "Add the planting").click();
        buttonLike(page, "Trial squash").click();
        radio(page, "leafy").click();
        assertThat(card(page, "Trial squash")).containsText("4 m² · leafy");
        buttonLike(page, "Trial squash").click();
    }

    private static Locator card(Page page, String planting) {
        return page.locator(".bed").filter(new Locator.FilterOptions().setHas(buttonLike(page, planting)));
    }

    /** From advice to response to changed advice: the weakest rung, no change, one rung up, scorched, two rungs back. */
    @ParameterizedTest
    @EnumSource(Screen.class)
    void climbsALadderAndComesDownAsThePlantsAnswer(Screen screen) {
        Page page = open(screen, "/garden");
        addTrialSquash(page);

        mixKeeperFor(page, "Trial squash");
        assertThat(page.getByText("Advised today: 1:100.")).isVisible();
        button(page, "Poured: take 40 mL from P19").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Poured 40 mL from P19");

        clock.advance(Duration.ofDays(8));
        to(page, "/garden");
        assertThat(card(page, "Trial squash")).containsText("Today: look at them. What did the feed of 20.5. do?");
        buttonLike(page, "Trial squash").click();
        button(page, "no change").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("No change: one rung stronger, 1:75.");
        assertThat(page.locator(".rungs .here")).hasText("1:75 · here");

        clock.advance(Duration.ofDays(6));
        mixKeeperFor(page, "Trial squash");
        assertThat(page.getByText("Advised today: 1:75.")).isVisible();
        buttonLike(page, "Poured: take").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("from P19");

        clock.advance(Duration.ofDays(2));
        to(page, "/garden");
        buttonLike(page, "Trial squash").click();
        button(page, "scorched").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("two rungs back, to 1:100.");
        assertThat(card(page, "Trial squash")).containsText("Today: plain water");
        button(page, "Watered, plain").click();
        assertThat(card(page, "Trial squash")).not().containsText("Today: plain water");
        mixKeeperFor(page, "Trial squash");
        assertThat(page.getByText("Advised today: 1:100.")).isVisible();
    }

    @Test
    void hurriesPalePlantsAndLetsLushOnesWait() {
        Page page = open(Screen.PHONE, "/garden");
        addTrialSquash(page);
        to(page, "/mix");
        planting(page, "Trial squash").click();
        takeBottle(page, "Chickweed juice");
        buttonLike(page, "Poured: take").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("from P11");
        clock.advance(Duration.ofDays(1));
        to(page, "/garden");
        buttonLike(page, "Trial squash").click();
        button(page, "pale").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Pale: the next feed comes a third sooner");
        assertThat(card(page, "Trial squash").locator(".bed-next").first()).containsText("Mon 25 May");
        clock.advance(Duration.ofMinutes(1));
        button(page, "lush").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("The next feed waits half as long again.");
        assertThat(card(page, "Trial squash").locator(".bed-next").first()).containsText("Sun 31 May");
        buttonLike(page, "Strike the look of").first().click();
        assertThat(card(page, "Trial squash").locator(".bed-next").first()).containsText("Mon 25 May");
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void refusesToSprayLeavesWithWhatSpotsThem(Screen screen) {
        Page page = openMix(screen);
        takeBottle(page, KEEPER);
        radio(page, "leaves").click();
        assertThat(alert(page, "Never on leaves. It spots leaves.")).isVisible();
        assertThat(button(page, "Refused: see why")).isDisabled();
        radio(page, "soil").click();
        assertThat(buttonLike(page, "Poured: take")).isEnabled();
    }

    @Test
    void laddersStopAtOneRungAtATime() {
        Page page = open(Screen.TABLE, "/garden");
        addTrialSquash(page);
        mixKeeperFor(page, "Trial squash");
        assertThat(page.getByText("Advised today: 1:100.")).isVisible();
        field(page, "Parts of water to one part of brew").fill("50");
        assertThat(buttonLike(page, "Poured: take")).isDisabled();
        page.getByText("do it all the same").click();
        buttonLike(page, "Poured: take").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("from P19");
        to(page, "/garden");
        assertThat(page.locator(".log li").first()).containsText("Decided:");
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void pours2BrewsAndVinegarInOneWaterAndTakesAllBack(Screen screen) {
        Page page = openMix(screen);
        button(page, "+ another into the same water").click();
        field(page, "Another into the same water").selectOption("VINEGAR");
        button(page, "+ another into the same water").click();
        field(page, "Another into the same water").selectOption(new SelectOption().setLabel("P15 Galley serum"));
        assertThat(field(page, "Fillings")).containsText("rice vinegar");
        assertThat(field(page, "Fillings")).containsText("galley serum");
        Locator decide = page.getByText("do it all the same");
        Locator pour = button(page, "Poured: take from 3 at once");
        pour.waitFor();
        if (decide.isVisible()) {
            decide.click();
        }
        pour.click();
        Locator note = page.getByRole(AriaRole.STATUS);
        assertThat(note).containsText(Pattern.compile("Poured .* from P11 \\+ .* rice vinegar \\+ .* from P15"));
        button(page, "Take it back").click();
        assertThat(note).containsText("Taken back");
        assertThat(note).containsText("P11: 231 mL left");
        assertThat(note).containsText("P15: 1.12 L left");
    }

    @Test
    void takesAPourBackForAnHourAndLaterWithAReason() {
        Page page = openMix(Screen.TABLE);
        buttonLike(page, "Poured: take").click();
        button(page, "Take it back").waitFor();
        clock.advance(Duration.ofMinutes(61));
        button(page, "Take it back").click();
        assertThat(alert(page, "longer ago than an hour")).isVisible();
        to(page, "/garden");
        assertThat(page.getByText("Last feeds")).isVisible();
        assertThat(buttonLike(page, "Take the feed of")).hasCount(0);
        buttonLike(page, "Strike the feed of").first().click();
        field(page, "Why it is struck").fill("it was the other bottle");
        button(page, "Strike it").click();
        assertThat(page.locator(".log .struck").first()).containsText("Chickweed juice");
    }

    @Test
    void printsALabelForTheSprayer() {
        Page page = openMix(Screen.TABLE);
        radio(page, "leaves").click();
        assertThat(radio(page, "Hand sprayer")).isChecked();
        assertThat(page.getByText("Advised today: 1:800.")).isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        Locator label = page.getByLabel("Mixing label");
        assertThat(label).isVisible();
        assertThat(label).containsText("leaves");
        assertThat(label).containsText("1:800");
        assertThat(page.getByRole(AriaRole.SLIDER)).isHidden();
    }

    @Test
    void comparesWhatSomebodySaysWithTodaysAdvice() {
        Page page = openMix(Screen.TABLE);
        field(page, "Somebody says …").fill("a tablespoon per gallon");
        assertThat(page.locator(".sayings b")).hasText("1:256, US gallon.");
        field(page, "Somebody says …").fill("1:10 then 1:50");
        assertThat(page.locator(".sayings b")).hasText("1:560.");
    }

    @Test
    void asksOnceHowMuchACapfulHoldsAndRemembersIt() {
        Page page = openMix(Screen.PHONE);
        field(page, "Somebody says …").fill("2 capfuls per 10 L");
        assertThat(page.getByText("how much does your capful hold?")).isVisible();
        button(page, "10 mL").click();
        assertThat(page.locator(".sayings b")).hasText("1:500, a capful is 10 mL.");
        page.navigate(page.url().replaceFirst("/mix.*", "/welcome"));
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Your own measures")))
                .containsText("a capful is 10 mL");
        button(page, "Forget the capful").click();
        assertThat(page.getByText("each is asked once")).isVisible();
    }

    @Test
    void leadsFromTheRoundToTheCan() {
        Page page = open(Screen.TABLE, "/round");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("mix this"))
                .first()
                .click();
        assertThat(page).hasURL(Pattern.compile("/mix\\?bottle=.*&planting=.*&target="));
        assertThat(page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setChecked(true)))
                .hasCount(1);
    }

    @Test
    void saysWhatToMakeWhereTheStoreIsEmpty() {
        emptyBut("garden", "place", "planting", "planting_stage");
        Page page = open(Screen.PHONE, "/garden");
        Locator kohlrabi = card(page, "Kohlrabi");
        assertThat(kohlrabi).containsText("Nothing in store suits.");
        kohlrabi.getByRole(AriaRole.LINK).first().click();
        assertThat(page).hasURL(Pattern.compile("/pots/new\\?method="));
        assertThat(buttonLike(page, "Set this pot")).isVisible();
    }

    @Test
    void handsOutFeedsAndLooksForASheet() throws IOException {
        Page page = open(Screen.TABLE, "/garden");
        Download feeds = page.waitForDownload(() -> link(page, "Feeds as CSV").click());
        assertThat(Files.readString(feeds.path())).contains("Winter squash,soil,\"" + KEEPER + "\",P19,75.0");
        Download looks = page.waitForDownload(() -> link(page, "Looks as CSV").click());
        assertThat(Files.readString(looks.path())).contains("Runner beans, lee bed");
    }

    @Test
    void stepsThroughTheStagesAndStopsNitrogenAtBudding() {
        Page page = open(Screen.TABLE, "/garden");
        buttonLike(page, "Beetroot").click();
        assertThat(card(page, "Beetroot")).containsText("Leafy growth: nitrogen-leaning.");
        buttonLike(page, "Beetroot").click();
        buttonLike(page, "Winter squash").click();
        radio(page, "ripening").click();
        assertThat(card(page, "Winter squash")).containsText("ripening");
        assertThat(card(page, "Winter squash")).not().containsText("nitrogen-leaning");
    }

    @Test
    void describesACropAnewForThisGarden() {
        Page page = open(Screen.TABLE, "/garden/crops");
        buttonLike(page, "Describe Beetroot anew").click();
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Describe Beetroot anew"));
        form.getByText("light feeder").click();
        form.getByText("Keep it so").click();
        assertThat(page.locator(".place-line")
                        .filter(new Locator.FilterOptions().setHasText("Beetroot"))
                        .first())
                .containsText("yours");
    }
}
