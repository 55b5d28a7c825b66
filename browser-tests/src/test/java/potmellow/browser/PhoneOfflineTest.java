package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** A phone that is out of reach of the house: it opens, it shows, it takes everything in, and brings it home. */
class PhoneOfflineTest extends HomeWalk {
    private static final int POTS = 9;
    private static final int PICTURES = 3;
    private static final int MADE_SMALL = 1600;

    /** How wide the widest picture is that waits. */
    private static final String WIDEST = """
            () => new Promise((resolve) => {
                const opened = indexedDB.open('pot-mellow-outbox');
                opened.onsuccess = () => {
                    const all = opened.result.transaction('waiting').objectStore('waiting').getAll();
                    all.onsuccess = async () => {
                        opened.result.close();
                        const pictures = all.result.filter((one) => one.act.kind === 'picture');
                        const drawn = await Promise.all(pictures.map(({ act }) =>
                            createImageBitmap(new Blob([act.picture.bytes], { type: act.picture.type }))));
                        resolve(Math.max(...drawn.map((picture) => picture.width)));
                    };
                };
            })""";

    /** Writes into the garden as the owner's page does. */
    private static final String SEND = """
            async ([path, body]) => {
                await fetch('/api/me');
                const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]);
                const answer = await fetch(path, { method: 'POST', body: JSON.stringify(body),
                    headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } });
                if (!answer.ok) { throw new Error(path + ': ' + await answer.text()); }
                return answer.json();
            }""";

    private Object send(Page owner, String path, Map<String, ?> body) {
        return owner.evaluate(SEND, List.of(path, body));
    }

    private void plantAndSet(Page owner) {
        send(
                owner,
                "/api/places",
                Map.of("name", "Shed", "kind", "SHED", "light", "SHADE", "outdoors", false, "version", 0));
        String shed = rows.queryForObject("SELECT id FROM place WHERE name = 'Shed'", String.class);
        for (int pot = 1; pot <= POTS; pot++) {
            send(
                    owner,
                    "/api/pots/arrivals",
                    Map.of(
                            "methodId", "weed-bucket",
                            "name", "Weeds " + pot,
                            "since", "3 weeks ago",
                            "full", "half",
                            "kind", "BUCKET",
                            "capacity", "20 L",
                            "placeId", shed));
        }
        send(owner, "/api/bottles", Map.of("productId", "plant-juice", "volume", "1 L", "since", "4 days ago"));
        send(
                owner,
                "/api/plantings",
                Map.of(
                        "name", "Kale",
                        "area", "3 m²",
                        "appetite", "HEAVY",
                        "soil", "LOAM",
                        "eaten", "COOKED",
                        "touched", false,
                        "ironSensitive", false,
                        "saltSensitive", false,
                        "stage", "LEAFY"));
    }

    private Page letIn(BrowserContext phone, Page owner) {
        Page page = phone.pages().get(0);
        page.navigate(home("/in/" + letIn(owner, "Wilma")));
        button(page, "Let this device in").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("This phone")))
                .isVisible();
        return page;
    }

    private String home(String path) {
        return "https://mellow.local:" + tlsPort + path;
    }

    private static final String KEYS = """
            () => new Promise((resolve) => {
                const opened = indexedDB.open('pot-mellow-answers');
                opened.onsuccess = () => {
                    const all = opened.result.transaction('answers').objectStore('answers').getAllKeys();
                    all.onsuccess = () => { opened.result.close(); resolve(all.result); };
                };
            })""";

    /** Whatever a walk asks for is at hand; it is fetched while nothing else is done. */
    @SuppressWarnings("unchecked")
    private static void everythingIsAtHand(Page page) {
        page.waitForFunction("() => navigator.serviceWorker.controller !== null");
        page.waitForCondition(() -> {
            List<String> keys = (List<String>) page.evaluate(KEYS);
            return keys.stream()
                                    .filter(key -> key.startsWith("[\"pots\",\"get\""))
                                    .count()
                            == POTS
                    && keys.stream().anyMatch(key -> key.startsWith("[\"mixes\",\"work\""));
        });
    }

    private Path picture() {
        BufferedImage surface = new BufferedImage(2400, 1800, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = surface.createGraphics();
        pen.setColor(new Color(120, 140, 60));
        pen.fillRect(0, 0, 2400, 1800);
        pen.dispose();
        try {
            Path file = folder.resolve("surface.jpg");
            ImageIO.write(surface, "jpg", file.toFile());
            return file;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Logs the open stop, with a picture where one is wanted; the next one opens by itself. */
    private void visitNine(Page page, Path picture) {
        for (int visit = 0; visit < POTS; visit++) {
            Locator stop = page.locator(".open-stop");
            String name = stop.getAttribute("aria-label");
            if (visit < PICTURES) {
                stop.locator("input[type=file]").setInputFiles(picture);
                assertThat(stop.getByText("Picture kept here")).isVisible();
                assertThat(page.evaluate(WIDEST)).isEqualTo(MADE_SMALL);
            }
            stop.locator(".option").first().click();
            stop.locator("form button[type=submit]").click();
            assertThat(page.getByText("kept here ✓")).hasCount(visit + 1);
            if (visit < POTS - 1) {
                page.locator(".open-stop:not([aria-label='" + name + "'])").waitFor();
            }
        }
    }

    /** The mix of the day was worked out before the connection was lost. */
    private void pourWhatIsDue(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("mix this"))
                .first()
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Poured: take"))
                .click();
        assertThat(page.getByText("Kept here: the feed for Kale")).isVisible();
    }

    private void tellAFeed(Page page, String when) {
        button(page, "fed already …").click();
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Fed already"));
        form.getByLabel("What they got").selectOption("plant-juice");
        form.getByLabel("How strong").fill("1:500");
        form.getByLabel("When it was poured").fill(when);
        form.getByRole(AriaRole.BUTTON).click();
        assertThat(form).isHidden();
    }

    private int count(String table) {
        return rows.queryForObject("SELECT COUNT(*) FROM " + table, Integer.class);
    }

    @Test
    void bringsAWholeRoundHomeThatWasWrittenWithoutAConnectionOnceAndInOrder() throws Exception {
        Page owner = ownerOpensTheGarden();
        plantAndSet(owner);
        Path home = trusting("phone");
        int visits = count("batch_check");
        int feeds = count("feed");
        try (BrowserContext phone = ownBrowser(home)) {
            Page page = letIn(phone, owner);
            page.navigate(home("/round"));
            everythingIsAtHand(page);
            phone.setOffline(true);
            page.reload();
            visitNine(page, picture());
            pourWhatIsDue(page);
            page.navigate(home("/garden"));
            page.locator(".bed-head").click();
            tellAFeed(page, "yesterday at 20:00");
            assertThat(page.locator(".connection")).containsText("14 wait");
        }
        assertThat(count("batch_check")).isEqualTo(visits);

        try (BrowserContext phone = ownBrowser(home)) {
            phone.setOffline(true);
            Page page = phone.pages().get(0);
            page.navigate(home("/pots"));
            assertThat(page.getByText("Weeds 9").first()).isVisible();
            assertThat(page.locator(".connection")).containsText("No connection · as of");
            assertThat(page.locator(".connection")).containsText("14 wait");
            phone.setOffline(false);
            page.locator(".connection-line").click();
            button(page, "Try now").click();
            assertThat(page.locator(".connection")).isHidden();
        }
        assertThat(count("batch_check")).isEqualTo(visits + POTS);
        assertThat(count("feed")).isEqualTo(feeds + 2);
        assertThat(count("photo")).isEqualTo(PICTURES);
        List<String> asTheyCame = rows.queryForList("""
                SELECT DATE_FORMAT(said.at, '%Y-%m-%d %H:%i:%s.%f') FROM answer
                JOIN (SELECT id, checked_at AS at FROM batch_check UNION ALL SELECT id, taken_at FROM photo
                    UNION ALL SELECT id, poured_at FROM feed WHERE id IN (SELECT feed_id FROM bottle_entry)) AS said
                ON said.id = answer.id ORDER BY answer.answered_at, said.at""", String.class);
        assertThat(asTheyCame).hasSize(POTS + PICTURES + 1).isSorted();
        assertThat(rows.queryForObject("SELECT COUNT(*) FROM bottle_entry WHERE kind = 'POURED'", Integer.class))
                .isEqualTo(1);
        assertThat(rows.queryForList(
                        "SELECT DISTINCT by_whom FROM batch_check WHERE by_whom IS NOT NULL", String.class))
                .containsExactly("Wilma");
    }

    @Test
    void asksWhatShouldBecomeOfAVisitToAPotThatWasEmptiedMeanwhile() throws Exception {
        Page owner = ownerOpensTheGarden();
        plantAndSet(owner);
        try (BrowserContext phone = ownBrowser(trusting("phone"))) {
            Page page = letIn(phone, owner);
            page.navigate(home("/round"));
            everythingIsAtHand(page);
            phone.setOffline(true);
            page.locator(".open-stop .option").first().waitFor();
            String pot = rows.queryForObject(
                    "SELECT id FROM batch WHERE name = ?",
                    String.class,
                    page.locator(".open-stop").getAttribute("aria-label"));
            send(owner, "/api/pots/" + pot + "/disposals", Map.of("reason", "tipped over"));
            page.locator(".open-stop form button[type=submit]").click();
            assertThat(page.locator(".connection")).containsText("1 waits");
            phone.setOffline(false);
            assertThat(page.locator(".connection")).containsText("a question");
            page.locator(".connection-line").click();
            assertThat(page.getByText("no longer works: it was emptied meanwhile"))
                    .isVisible();
            button(page, "Let it go").click();
            assertThat(page.locator(".connection")).isHidden();
        }
    }

    /** The label of the bucket, held into a camera. */
    @Test
    void findsAPotByTheLabelThatItsCameraSees() throws Exception {
        Page owner = ownerOpensTheGarden();
        plantAndSet(owner);
        String name = "Weeds 7";
        String code = rows.queryForObject(
                "SELECT vessel.code FROM batch JOIN vessel ON vessel.id = batch.vessel_id WHERE batch.name = ?",
                String.class,
                name);
        Path film = LabelFilm.of(home("/c/" + code), folder.resolve("label.y4m"));
        try (BrowserContext phone = ownBrowser(
                trusting("phone"),
                "--use-fake-device-for-media-stream",
                "--use-fake-ui-for-media-stream",
                "--use-file-for-fake-video-capture=" + film)) {
            Page page = letIn(phone, owner);
            page.navigate(home("/codes"));
            button(page, "Scan a label").click();
            page.waitForURL(url -> url.contains("/pots/"));
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name)))
                    .isVisible();
            page.navigate(home("/round"));
            button(page, "Which bucket? Scan its label").click();
            page.locator(".open-stop[aria-label='" + name + "']").waitFor();
        }
    }
}
