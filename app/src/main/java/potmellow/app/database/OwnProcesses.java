package potmellow.app.database;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;

/** The programs that this one runs beside itself. None of them runs on when it ends. */
public final class OwnProcesses {
    private static final Duration TO_END = Duration.ofSeconds(20);
    private static final Set<Process> RUNNING = ConcurrentHashMap.newKeySet();

    private static volatile boolean ending;

    private OwnProcesses() {}

    static Process start(ProcessBuilder command) throws IOException {
        if (ending) {
            throw new DatabaseTrouble("Pot Mellow is stopping.");
        }
        Process process = command.start();
        RUNNING.add(process);
        process.onExit().thenAccept(RUNNING::remove);
        return process;
    }

    /** Asks a program to end, and makes it after a while. What a script began for it is worth nothing without it, and ends at once. */
    static void end(Process process) {
        List<ProcessHandle> begun = process.descendants().toList();
        process.destroy();
        begun.forEach(ProcessHandle::destroyForcibly);
        if (!waitFor(process, TO_END)) {
            process.destroyForcibly();
        }
        begun.forEach(handle ->
                handle.onExit().orTimeout(TO_END.toSeconds(), TimeUnit.SECONDS).join());
    }

    /** Ends all of them; none starts after. To be called when the application ends, however far it has come. */
    public static void endAll() {
        ending = true;
        RUNNING.forEach(OwnProcesses::end);
    }

    static boolean waitFor(Process process, Duration patience) {
        try {
            return process.waitFor(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
