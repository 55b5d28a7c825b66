package potmellow.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import jakarta.servlet.Filter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.ReadWriteLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInfo;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import potmellow.app.MovableClock;
import potmellow.app.PotMellow;
import potmellow.app.TestDatabase;

/** A gardener before the real application: Debian's headless Chromium, the sample world made anew for each walk. */
@SpringBootTest(
        classes = PotMellow.class,
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = "potmellow.demo=true")
@Import(GardenWalk.Clocks.class)
@ExtendWith(Witness.class)
abstract class GardenWalk {
    /** The recipe of plant juice with 500 g of leaves in hand. */
    protected static final String PLANT_JUICE = "/pots/new?method=plant-juice-open&in.plant=500%20g";

    private static final Path CHROMIUM = Path.of("/usr/bin/chromium");

    private static Playwright playwright;
    private static Browser browser;
    /** Held by every request that is answered: what a page asked for before it was closed ends before the world is made anew. */
    private static final ReadWriteLock ANSWERING = new ReentrantReadWriteLock(true);

    /** Whether the garden is the sample world, as nothing has changed it since it was made. */
    private static boolean untouched;

    @LocalServerPort
    private int port;

    @Autowired
    protected MovableClock clock;

    @Autowired
    protected JdbcTemplate database;

    @Autowired
    @Qualifier("demoWorld")
    private SmartInitializingSingleton sampleWorld;

    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<String> pageErrors = new ArrayList<>();

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) {
        TestDatabase.register(registry);
    }

    @BeforeAll
    static void openBrowser() {
        PlaywrightAssertions.setDefaultAssertionTimeout(Patience.PAGE.toMillis());
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(CHROMIUM)
                        .setChromiumSandbox(false)
                        .setArgs(List.of(
                                "--disable-dev-shm-usage", "--disable-gpu", "--disable-background-networking")));
    }

    @AfterAll
    static void closeBrowser() {
        browser.close();
        playwright.close();
    }

    /**
     * The sample world is built once by its own services; every walk then begins from a copy of it. A walk after one that only read
     * takes it as it is: copying is what takes longest.
     */
    @BeforeEach
    void makeTheWorldAnew(TestInfo walk) {
        clock.reset();
        boolean asItWas = untouched;
        untouched = walk.getTestMethod()
                .filter(method -> method.isAnnotationPresent(OnlyReads.class))
                .isPresent();
        if (asItWas) {
            return;
        }
        ANSWERING.writeLock().lock();
        try {
            copyTheWorld();
        } finally {
            ANSWERING.writeLock().unlock();
        }
    }

    private void copyTheWorld() {
        List<String> tables = tables();
        boolean kept =
                !database.queryForList("SHOW TABLES LIKE 'kept\\_garden'").isEmpty();
        forEach(tables, "DELETE FROM %1$s");
        if (kept) {
            forEach(tables, "INSERT INTO %1$s SELECT * FROM kept_%1$s");
        } else {
            sampleWorld.afterSingletonsInstantiated();
            forEach(tables, "CREATE TABLE kept_%1$s AS SELECT * FROM %1$s");
        }
    }

    /** Empties the garden but for some tables. */
    protected void emptyBut(String... left) {
        List<String> tables = new ArrayList<>(tables());
        tables.removeAll(List.of(left));
        forEach(tables, "DELETE FROM %1$s");
    }

    private List<String> tables() {
        return database.queryForList(
                "SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE()"
                        + " AND table_name <> 'flyway_schema_history' AND table_name NOT LIKE 'kept\\_%'",
                String.class);
    }

    private void forEach(List<String> tables, String statement) {
        database.execute((java.sql.Connection connection) -> {
            try (var unchecked = connection.createStatement()) {
                unchecked.execute("SET FOREIGN_KEY_CHECKS = 0");
                for (String table : tables) {
                    unchecked.execute(String.format(statement, table));
                }
                unchecked.execute("SET FOREIGN_KEY_CHECKS = 1");
            }
            return null;
        });
    }

    @AfterEach
    void closePages() {
        contexts.forEach(BrowserContext::close);
        assertThat(pageErrors).as("errors of the page itself").isEmpty();
    }

    /** A new browser of its own, with the page at an address of the application. */
    protected Page open(Screen screen, String address) {
        return open(screen, ColorScheme.LIGHT, address);
    }

    protected Page open(Screen screen, ColorScheme colours, String address) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(screen.width, screen.height)
                // What these walks take away or break on the way is to reach the page itself.
                .setServiceWorkers(ServiceWorkerPolicy.BLOCK)
                .setColorScheme(colours));
        context.setDefaultTimeout(Patience.PAGE.toMillis());
        contexts.add(context);
        return page(context, address);
    }

    /** The browsers of this walk. */
    List<BrowserContext> contexts() {
        return contexts;
    }

    /** Another tab of the same browser, which knows what the first one kept. */
    protected Page another(Page page, String address) {
        return page(page.context(), address);
    }

    private Page page(BrowserContext context, String address) {
        Page page = context.newPage();
        page.onPageError(pageErrors::add);
        page.onConsoleMessage(message -> {
            if (message.text().contains("Content Security Policy")) {
                pageErrors.add(message.text());
            }
        });
        page.navigate("http://127.0.0.1:" + port + address);
        return page;
    }

    /** Goes to another view by its address, as from a bookmark. */
    protected static void to(Page page, String address) {
        page.navigate(page.url().replaceAll("^(https?://[^/]+).*", "$1") + address);
    }

    protected static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    protected static Locator buttonLike(Page page, String start) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(startingWith(start)));
    }

    protected static Locator radio(Page page, String start) {
        return page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(startingWith(start)));
    }

    /** Opens Mix and asks for what most tests ask: chickweed juice for the beetroot. */
    protected Page openMix(Screen screen) {
        Page page = open(screen, "/mix");
        planting(page, "Beetroot").click();
        takeBottle(page, "Chickweed juice");
        return page;
    }

    /** Takes a bottle in Mix, also one that is not offered first. */
    protected static void takeBottle(Page page, String name) {
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("From which bottle?"))
                .waitFor();
        Locator others = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("and why not|another bottle")));
        if (others.isVisible()) {
            others.click();
        }
        radio(page, name).click();
        page.locator(".dial-words").waitFor();
    }

    /** A planting to be ticked in Mix. */
    protected static Locator planting(Page page, String name) {
        return page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(startingWith(name)));
    }

    protected static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    protected static Locator link(Page page, String text) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(startingWith(text)));
    }

    /** What went wrong or is refused, where the page says it. */
    protected static Locator alert(Page page, String words) {
        return page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText(words));
    }

    /** A pattern as the browser reads it. */
    private static Pattern startingWith(String text) {
        return Pattern.compile("^" + text.replaceAll("[.*+?^${}()|\\[\\]\\\\]", "\\\\$0"));
    }

    /** The two screens that everything is walked on. */
    enum Screen {
        TABLE(1280, 800),
        PHONE(390, 844);

        final int width;
        final int height;

        Screen(int width, int height) {
            this.width = width;
            this.height = height;
        }
    }

    @TestConfiguration
    static class Clocks {
        @Bean
        Filter answering() {
            return (request, response, rest) -> {
                ANSWERING.readLock().lock();
                try {
                    rest.doFilter(request, response);
                } finally {
                    ANSWERING.readLock().unlock();
                }
            };
        }

        @Bean
        @Primary
        MovableClock movableClock() {
            return new MovableClock();
        }
    }
}
