package potmellow.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Retakes the pictures of the README from the sample world, with a fixed clock: {@code ./mellow shots}. */
@Tag("pictures")
class Pictures extends GardenWalk {
    private static final Path FOLDER = Path.of("../docs/screenshots");

    @Test
    void takesOneOfEachView() {
        for (Screen screen : Screen.values()) {
            String end = screen == Screen.PHONE ? "-phone.png" : ".png";
            Page round = open(screen, "/round");
            round.locator(".stop")
                    .filter(new Locator.FilterOptions().setHasText("Pea-shoot juice"))
                    .click();
            round.getByText("log, next").first().waitFor();
            round.getByText("sweet-sour").first().click();
            take(round, "round" + end);

            Page pots = open(screen, "/pots");
            pots.getByText("Bottles in store").waitFor();
            if (screen == Screen.TABLE) {
                take(pots, "pots.png");
            }

            link(pots, "Mugwort juice").first().click();
            pots.getByText("Ready: strain it").first().waitFor();
            take(pots, "pot" + end);

            Page recipe = open(screen, PLANT_JUICE);
            radio(recipe, "Slow, packed").click();
            field(recipe, "Name of the pot").fill("Mugwort juice");
            field(recipe, "Leaves and shoots in hand").fill("640 g");
            recipe.getByText("64 g").first().waitFor();
            if (screen == Screen.TABLE) {
                take(recipe, "new-pot.png");
            }

            Page garden = open(screen, "/garden");
            Locator squash = garden.locator(".bed").filter(new Locator.FilterOptions().setHasText("Winter squash"));
            squash.waitFor();
            if (screen == Screen.TABLE) {
                take(garden, "garden.png");
            }
            buttonLike(garden, "Winter squash").click();
            garden.getByText("How do they look?").waitFor();
            if (screen == Screen.PHONE) {
                ready(garden);
                squash.evaluate("card => window.scrollTo({ top: card.offsetTop - 80, behavior: 'instant' })");
                shoot(garden, "garden-phone.png");
            }
            squash.getByText("mix this").first().click();
            garden.locator(".dial-words").waitFor();
            take(garden, "mix" + end);
        }
        for (String[] view : new String[][] {
            {"/book", "book", ".methods"},
            {"/book/methods/bokashi-bran", "method", ".card-parts"},
            {"/plan", "plan", ".plan-chart"},
            {"/bottles", "bottles", ".bottle-line"},
            {"/bench", "bench", ".bench-card"},
            {"/practice/first-jar", "practice", ".practice-pot"},
            {"/vessels", "vessels", ".vessel-list"}
        }) {
            Page page = open(Screen.TABLE, view[0]);
            page.locator(view[2]).first().waitFor();
            take(page, view[1] + ".png");
        }
        Page practice = open(Screen.TABLE, "/practice/first-jar");
        button(practice, "A day on").click();
        button(practice, "stir").click();
        button(practice, "Three days on").click();
        button(practice, "Look and smell").click();
        button(practice, "Strain it").click();
        practice.locator(".practice-curves").waitFor();
        take(practice, "practice-story.png");
        database.execute("UPDATE garden SET welcomed = FALSE, name = 'My garden'");
        Page welcome = open(Screen.TABLE, "/");
        welcome.getByText("Welcome to your garden").waitFor();
        take(welcome, "welcome.png");
        database.execute("UPDATE garden SET welcomed = TRUE");
    }

    private static void take(Page page, String name) {
        ready(page);
        page.evaluate("() => window.scrollTo({ top: 0, behavior: 'instant' })");
        shoot(page, name);
    }

    private static void ready(Page page) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.evaluate("() => document.fonts.ready");
        // Curves come after the page.
        page.waitForFunction(
                "() => !document.querySelector('.chart-wait') && !document.body.innerText.includes('Drawing …')");
        page.mouse().move(0, 0);
        page.evaluate("() => document.activeElement?.blur()");
    }

    private static void shoot(Page page, String name) {
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name)));
    }
}
