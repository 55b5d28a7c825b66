package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import potmellow.app.PotMellow;
import potmellow.app.database.PrivateMariaDb;

/** A garden of its own whose door to the home network is opened: real TLS at another address, under the garden's name. */
abstract class HomeWalk {
    static final String HERE = "127.0.0.2";
    private static final Path CHROMIUM = Path.of("/usr/bin/chromium");

    @TempDir
    Path folder;

    private PrivateMariaDb database;
    private ConfigurableApplicationContext application;
    private Playwright playwright;
    JdbcTemplate rows;
    String machine;
    int tlsPort;

    @BeforeEach
    void startAGarden() throws Exception {
        PlaywrightAssertions.setDefaultAssertionTimeout(Patience.PAGE.toMillis());
        Path home = folder.resolve("garden");
        database = PrivateMariaDb.start(home.resolve("database"), "potmellow", true);
        try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getByName(HERE))) {
            tlsPort = free.getLocalPort();
        }
        application = new SpringApplicationBuilder(PotMellow.class)
                .run(
                        "--server.port=0",
                        "--potmellow.home=" + home,
                        "--potmellow.network.addresses=" + HERE,
                        "--potmellow.network.port=" + tlsPort,
                        "--potmellow.network.announce=false",
                        "--spring.datasource.url=" + database.url(),
                        "--spring.datasource.username=" + database.user(),
                        "--spring.datasource.password=" + database.password());
        rows = application.getBean(JdbcTemplate.class);
        rows.update("UPDATE garden SET welcomed = 1");
        machine = "http://127.0.0.1:"
                + ((WebServerApplicationContext) application).getWebServer().getPort();
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    }

    @AfterEach
    void stop() {
        playwright.close();
        application.close();
        database.close();
    }

    /** A browser of its own, which finds the garden by its name and trusts what it was told to. */
    Page browser(Path home, int width, int height) {
        Browser browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(CHROMIUM)
                        .setChromiumSandbox(false)
                        .setEnv(environment(home))
                        .setArgs(arguments()));
        BrowserContext context = browser.newContext(new Browser.NewContextOptions().setViewportSize(width, height));
        context.setDefaultTimeout(Patience.PAGE.toMillis());
        return context.newPage();
    }

    /** The same browser each time that it is opened: it keeps what pages keep in it. */
    BrowserContext ownBrowser(Path home, String... more) {
        BrowserContext context = playwright
                .chromium()
                .launchPersistentContext(
                        home.resolve("profile"),
                        new BrowserType.LaunchPersistentContextOptions()
                                .setExecutablePath(CHROMIUM)
                                .setChromiumSandbox(false)
                                .setEnv(environment(home))
                                .setArgs(arguments(more))
                                .setViewportSize(390, 844));
        context.setDefaultTimeout(Patience.PAGE.toMillis());
        return context;
    }

    private static Map<String, String> environment(Path home) {
        Map<String, String> environment = new HashMap<>(System.getenv());
        environment.put("HOME", home.toString());
        return environment;
    }

    private static List<String> arguments(String... more) {
        return Stream.concat(
                        Stream.of(
                                "--disable-dev-shm-usage",
                                "--disable-gpu",
                                "--disable-background-networking",
                                "--host-resolver-rules=MAP mellow.local " + HERE),
                        Stream.of(more))
                .toList();
    }

    /** As a phone does whose owner has installed the certificate. */
    private static void trust(Path home, Path authority) throws IOException, InterruptedException {
        for (String place : List.of(".pki/nssdb", ".local/share/pki/nssdb")) {
            Path store = Files.createDirectories(home.resolve(place));
            run("certutil", "-d", "sql:" + store, "-N", "--empty-password");
            run("certutil", "-d", "sql:" + store, "-A", "-t", "C,,", "-n", "garden", "-i", authority.toString());
        }
    }

    private static void run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).inheritIO().start();
        if (process.waitFor() != 0) {
            throw new IOException(String.join(" ", command) + " failed");
        }
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Page ownerOpensTheGarden() throws IOException {
        Page owner = browser(Files.createDirectories(folder.resolve("desk")), 1280, 800);
        owner.navigate(machine + "/phones");
        owner.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Wilma");
        button(owner, "Add yourself as the owner").click();
        button(owner, "Set a passphrase").click();
        owner.getByLabel("New passphrase for Wilma").fill("purple teapot seven drums");
        button(owner, "Set it").click();
        // Until it is kept the garden isn't opened, and says so.
        assertThat(button(owner, "Set it")).isHidden();
        button(owner, "Open it to the home network").click();
        assertThat(owner.getByText("https://mellow.local:" + tlsPort).first()).isVisible();
        return owner;
    }

    static String letIn(Page owner, String name) {
        Locator person = owner.locator(".people > li", new Page.LocatorOptions().setHasText(name));
        person.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Let a device in"))
                .click();
        return person.locator(".letting-code").textContent();
    }

    Page phone(String name) throws IOException, InterruptedException {
        return browser(trusting(name), 390, 844);
    }

    /** The home of a browser that trusts the garden. */
    Path trusting(String name) throws IOException, InterruptedException {
        Path home = Files.createDirectories(folder.resolve(name));
        trust(home, folder.resolve("garden/tls/authority.crt"));
        return home;
    }
}
