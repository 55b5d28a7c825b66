package potmellow.app;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Scanner;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.logging.LogLevel;
import org.springframework.boot.logging.LoggingSystem;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;
import potmellow.app.backup.Task;
import potmellow.app.database.DatabaseTrouble;
import potmellow.app.database.Guardian;
import potmellow.app.database.Health;
import potmellow.app.database.OwnProcesses;
import potmellow.app.database.PrivateMariaDb;

/**
 * Starts the application. With POTMELLOW_DATABASE_URL (and _USER, _PASSWORD) in the environment it uses that MariaDB, whose user
 * must own the databases NAME_aside and NAME_coming too, in which backups and documents are read before they count; else it
 * runs a private one under the directory given by {@code --potmellow.home}.
 */
@SpringBootApplication
@ConfigurationPropertiesScan
public class PotMellow {
    private static final Logger LOG = LoggerFactory.getLogger(PotMellow.class);
    private static final int FAILED = 1;
    private static final int DATABASE_LOST = 3;

    public static void main(String[] arguments) {
        // Registered before anything is begun: however far it has come, nothing runs on after it.
        Closing closing = new Closing();
        Runtime.getRuntime().addShutdownHook(new Thread(closing, "closing"));
        Optional<String> task = argument(arguments, "--task=");
        try {
            if (task.isPresent()) {
                System.out.println(perform(task.get(), arguments));
                return;
            }
            String url = System.getenv("POTMELLOW_DATABASE_URL");
            if (url != null) {
                closing.context = run(arguments, given(url), new Health());
                return;
            }
            PrivateMariaDb database = startDatabase(arguments);
            closing.database = Optional.of(database);
            Health health = new Health();
            Guardian.over(database, health, PotMellow::databaseLost);
            closing.context = run(arguments, access(database), health);
        } catch (RuntimeException failure) {
            if (task.isPresent()) {
                failure.printStackTrace();
            } else {
                LOG.error("Pot Mellow could not start", failure);
            }
            fail(words(failure));
        }
    }

    /** What is done beside the application; the launcher tells the last line that was written. */
    private static String perform(String task, String[] arguments) {
        LoggingSystem.get(PotMellow.class.getClassLoader()).setLogLevel(LoggingSystem.ROOT_LOGGER_NAME, LogLevel.ERROR);
        Task tasks = new Task(home(arguments));
        Path file = Path.of(argument(arguments, "--file=").orElse(""));
        return switch (task) {
            case "backup" -> tasks.backup(file);
            case "restore" -> tasks.restore(file);
            case "check" -> tasks.check();
            case "passphrase" -> passphrase(tasks);
            default -> throw new IllegalArgumentException("There is no task " + task + ".");
        };
    }

    /** Two lines come in: an owner's name and the passphrase, so that it stands in no list of processes. */
    private static String passphrase(Task tasks) {
        try (Scanner lines = new Scanner(System.in, StandardCharsets.UTF_8)) {
            String name = lines.hasNextLine() ? lines.nextLine() : "";
            return tasks.passphrase(name, lines.hasNextLine() ? lines.nextLine() : "");
        }
    }

    private static void databaseLost(String why) {
        System.err.println("The database can't run, so Pot Mellow stops too. What was stored is kept. " + why);
        Runtime.getRuntime().exit(DATABASE_LOST);
    }

    private static String words(Throwable failure) {
        return first(failure, DatabaseTrouble.class)
                .map(Throwable::getMessage)
                .or(() -> first(failure, PortInUseException.class)
                        .map(taken -> "The port " + taken.getPort()
                                + " is taken by another program. Choose another with --port."))
                .orElse("Pot Mellow could not start: its log tells why. Nothing that was stored is lost.");
    }

    private static <T extends Throwable> Optional<T> first(Throwable failure, Class<T> kind) {
        return Stream.iterate(failure, Objects::nonNull, Throwable::getCause)
                .filter(kind::isInstance)
                .map(kind::cast)
                .findFirst();
    }

    private static Path home(String[] arguments) {
        return Path.of(argument(arguments, "--potmellow.home=").orElse(Settings.USUAL_HOME));
    }

    private static PrivateMariaDb startDatabase(String[] arguments) {
        boolean demo = argument(arguments, "--potmellow.demo=")
                .map(Boolean::parseBoolean)
                .orElse(false);
        return PrivateMariaDb.start(home(arguments).resolve("database"), demo ? "potmellow_demo" : "potmellow", demo);
    }

    private static ConfigurableApplicationContext run(String[] arguments, Map<String, Object> access, Health health) {
        SpringApplication application = new SpringApplication(PotMellow.class);
        application.setRegisterShutdownHook(false);
        application.setDefaultProperties(access);
        application.addInitializers(context -> context.getBeanFactory().registerSingleton("databaseHealth", health));
        return application.run(arguments);
    }

    /** The application must be closed before its database is, so both go in one hook. */
    private static final class Closing implements Runnable {
        private volatile Optional<PrivateMariaDb> database = Optional.empty();
        private volatile ConfigurableApplicationContext context;

        @Override
        public void run() {
            if (context != null) {
                context.close();
            }
            database.ifPresent(PrivateMariaDb::close);
            OwnProcesses.endAll();
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
