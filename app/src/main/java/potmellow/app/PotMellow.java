package potmellow.app;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;
import potmellow.app.database.DatabaseTrouble;
import potmellow.app.database.PrivateMariaDb;

/**
 * Starts the application. With POTMELLOW_DATABASE_URL (and _USER, _PASSWORD) in the environment it uses that MariaDB; else it
 * runs a private one under the directory given by {@code --potmellow.home}.
 */
@SpringBootApplication
@ConfigurationPropertiesScan
public class PotMellow {
    private static final int FAILED = 1;
    private static final int DATABASE_LOST = 3;

    public static void main(String[] arguments) {
        try {
            String url = System.getenv("POTMELLOW_DATABASE_URL");
            if (url != null) {
                run(arguments, Optional.empty(), given(url));
                return;
            }
            PrivateMariaDb database = startDatabase(arguments);
            run(arguments, Optional.of(database), access(database));
        } catch (DatabaseTrouble trouble) {
            fail(trouble.getMessage());
        } catch (RuntimeException failure) {
            fail(portTaken(failure)
                    .map(port -> "The port " + port + " is taken by another program. Choose another with --port.")
                    .orElse("Pot Mellow could not start: its log tells why. Nothing that was stored is lost."));
        }
    }

    private static Optional<Integer> portTaken(Throwable failure) {
        return Stream.iterate(failure, cause -> cause != null, Throwable::getCause)
                .filter(PortInUseException.class::isInstance)
                .map(cause -> ((PortInUseException) cause).getPort())
                .findFirst();
    }

    private static PrivateMariaDb startDatabase(String[] arguments) {
        Path home = Path.of(argument(arguments, "--potmellow.home=").orElse(".mellow/garden"));
        boolean demo = argument(arguments, "--potmellow.demo=")
                .map(Boolean::parseBoolean)
                .orElse(false);
        return PrivateMariaDb.start(home.resolve("database"), demo ? "potmellow_demo" : "potmellow", demo);
    }

    private static void run(String[] arguments, Optional<PrivateMariaDb> database, Map<String, Object> access) {
        SpringApplication application = new SpringApplication(PotMellow.class);
        application.setRegisterShutdownHook(false);
        application.setDefaultProperties(access);
        // The application must be closed before its database is, so both go in one hook.
        Closing closing = new Closing(database);
        Runtime.getRuntime().addShutdownHook(new Thread(closing, "closing"));
        closing.context = application.run(arguments);
        database.ifPresent(server -> server.onUnexpectedEnd(() -> {
            System.err.println(
                    "The database stopped unexpectedly, so Pot Mellow stops too. What was stored is kept: start"
                            + " again. The database's log is " + server.log() + ".");
            Runtime.getRuntime().exit(DATABASE_LOST);
        }));
    }

    private static final class Closing implements Runnable {
        private final Optional<PrivateMariaDb> database;
        private volatile ConfigurableApplicationContext context;

        Closing(Optional<PrivateMariaDb> database) {
            this.database = database;
        }

        @Override
        public void run() {
            if (context != null) {
                context.close();
            }
            database.ifPresent(PrivateMariaDb::close);
        }
    }

    private static Map<String, Object> given(String url) {
        Map<String, Object> access = new HashMap<>();
        access.put("spring.datasource.url", url);
        access.put("spring.datasource.username", System.getenv("POTMELLOW_DATABASE_USER"));
        access.put("spring.datasource.password", System.getenv("POTMELLOW_DATABASE_PASSWORD"));
        return access;
    }

    private static Map<String, Object> access(PrivateMariaDb database) {
        return Map.of(
                "spring.datasource.url", database.url(),
                "spring.datasource.username", database.user(),
                "spring.datasource.password", database.password());
    }

    private static Optional<String> argument(String[] arguments, String prefix) {
        return Stream.of(arguments)
                .filter(argument -> argument.startsWith(prefix))
                .map(argument -> argument.substring(prefix.length()))
                .findFirst();
    }

    private static void fail(String sentence) {
        System.err.println(sentence);
        System.exit(FAILED);
    }
}
