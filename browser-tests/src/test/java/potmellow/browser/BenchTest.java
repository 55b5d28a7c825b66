package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each instrument of the bench turned once, and what is handed on. */
class BenchTest extends GardenWalk {
    private static Locator answer(Page page) {
        return page.locator(".bench-headline");
    }

    private static Locator result(Page page, String name) {
        return page.locator(".bench-results div").filter(new Locator.FilterOptions().setHasText(name));
    }

    @OnlyReads
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Ratio reader | Somebody says | 1 tbsp per gallon | 1:256: 40 mL (exactly 38.9 mL) into a can of 10 L.
            Shell calcium | Shells, dry | 2 eggs | The shells are used up first
            Sugar for keeping | Sugar | 2 kg | bacteria and yeasts stop
            Bran moisture | Bran | 5 kg | It comes to 49.3 % moisture.
            Air for a tea | Molasses | 400 mL | The pump doesn't keep up
            Water | Water | 60 L | stir in 164 mg of ascorbic acid
            Heap heat | Readings since it was turned | 0 h: 46, 2 h: 47.5, 4 h: 49.5 | It is at 49 °C: turn and spread it now.
            In the can, at most | Brew that came of them | 20 L | At most 36.4 mg/L of nitrogen
            Unit glass | Amount | 2 gal | 7571 mL of water weigh 7571 g.
            """)
    void answersAsItIsTurned(String title, String entry, String typed, String says) {
        Page page = open(Screen.TABLE, "/bench");
        link(page, title).click();
        page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(title).setExact(true))
                .waitFor();
        field(page, entry).fill(typed);
        assertThat(answer(page)).containsText(says);
        assertThat(page).hasURL(Pattern.compile("\\?"));
        page.locator(".bench-headline .mark").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("As a whole:");
    }

    @Test
    void startsFromARealPotAndHandsOverIntoANewOne() {
        Page page = open(Screen.PHONE, "/bench/sugar");
        answer(page).waitFor();
        field(page, "Take it from your garden").selectOption(new SelectOption().setLabel("J4 Pea-shoot juice"));
        assertThat(field(page, "What is to be kept")).hasValue("380 g");
        link(page, "Set a juice with these leaves").click();
        assertThat(field(page, "Leaves and shoots in hand")).hasValue("380 g");
        buttonLike(page, "Set this pot in ").click();
        assertThat(page).hasURL(Pattern.compile("/pots/[0-9a-f-]{36}$"));
    }

    @OnlyReads
    @Test
    void takesAStrengthToTheCan() {
        Page page = open(Screen.TABLE, "/bench/ratio?saying=1:640");
        link(page, "Set 1:640 in Mix").click();
        planting(page, "Beetroot").click();
        takeBottle(page, "Chickweed juice");
        assertThat(field(page, "Parts of water to one part of brew")).hasValue("1:640");
    }

    @Test
    void notesAnAnswerAtAPot() {
        Page page = open(Screen.TABLE, "/bench/water");
        button(page, "Note it at a pot").click();
        link(page, "J4 Pea-shoot juice").click();
        assertThat(field(page, "Note")).hasValue("54.6 mg of ascorbic acid into 20 L");
        buttonLike(page, "Stirred").first().click();
        assertThat(page.locator(".log").getByText("54.6 mg of ascorbic acid into 20 L"))
                .isVisible();
    }

    @OnlyReads
    @Test
    void answersAnUnclearSayingWithWhatCouldBeMeant() {
        Page page = open(Screen.TABLE, "/bench/ratio");
        answer(page).waitFor();
        field(page, "Somebody says").fill("2 in a gallon");
        assertThat(alert(page, "It could mean 2 tsp to a gallon, or 2 tbsp to a gallon, or 2 fl oz to a gallon"))
                .isVisible();
        field(page, "Somebody says").fill("2 tbsp to a gallon");
        field(page, "Somebody else says").fill("1:1000");
        assertThat(result(page, "times as strong as the other")).containsText("× 7.76");
    }

    @OnlyReads
    @Test
    void turnsWithTheKeyboardAndRemembersItsUses() {
        Page page = open(Screen.TABLE, "/bench/bran");
        answer(page).waitFor();
        Locator knob = page.getByLabel("Turn: Moisture wanted");
        knob.focus();
        knob.press("ArrowRight");
        assertThat(field(page, "Moisture wanted, %")).hasValue("41");
        assertThat(answer(page)).containsText("41 % take");
        assertThat(page.getByText("Last uses")).isVisible();
        page.reload();
        assertThat(field(page, "Moisture wanted, %")).hasValue("41");
    }

    @OnlyReads
    @Test
    void printsTheAnswerWithoutItsButtons() {
        Page page = open(Screen.TABLE, "/bench/shells");
        answer(page).waitFor();
        page.getByText("The same as a table").click();
        assertThat(page.getByRole(
                        AriaRole.COLUMNHEADER,
                        new Page.GetByRoleOptions().setName("pH").setExact(true)))
                .isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(button(page, "Print")).isHidden();
        assertThat(answer(page)).isVisible();
        assertThat(page.locator(".bench-chart")).isVisible();
    }
}
