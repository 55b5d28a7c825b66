package potmellow.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.util.FileSystemUtils;
import potmellow.app.database.PrivateMariaDb;

/** One private MariaDB for all tests of a run, gone with it. */
public final class TestDatabase {
    private static PrivateMariaDb shared;
    private static Path home;

    private TestDatabase() {}

    /** Points a test's application at the database. */
    public static synchronized void register(DynamicPropertyRegistry registry) {
        if (shared == null) {
            shared = start();
        }
        registry.add("potmellow.home", () -> home);
        registry.add("spring.datasource.url", shared::url);
        registry.add("spring.datasource.username", shared::user);
        registry.add("spring.datasource.password", shared::password);
    }

    private static PrivateMariaDb start() {
        try {
            home = Files.createTempDirectory("mellow-test");
            PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_test", true);
            Runtime.getRuntime().addShutdownHook(new Thread(() -> {
                database.close();
                FileSystemUtils.deleteRecursively(home.toFile());
            }));
            return database;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
