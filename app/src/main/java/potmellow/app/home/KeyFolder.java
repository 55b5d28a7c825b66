package potmellow.app.home;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.PrivateKey;
import java.util.Set;
import org.bouncycastle.openssl.jcajce.JcaPEMWriter;
import org.bouncycastle.openssl.jcajce.JcaPKCS8Generator;

/** The folder of keys and certificates: nobody but its owner reads or writes in it. */
final class KeyFolder {
    private static final Set<PosixFilePermission> OWNERS_FILE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> OWNERS_FOLDER = PosixFilePermissions.fromString("rwx------");

    private final Path folder;

    KeyFolder(Path folder) {
        this.folder = folder;
    }

    Path file(String name) {
        return folder.resolve(name);
    }

    /** Writes keys (as PKCS #8, which everything reads) and certificates as PEM; what was there before stays whole until it is replaced. */
    void write(String name, Object... things) {
        try {
            Files.createDirectories(folder, PosixFilePermissions.asFileAttribute(OWNERS_FOLDER));
            StringWriter text = new StringWriter();
            try (JcaPEMWriter pem = new JcaPEMWriter(text)) {
                for (Object thing : things) {
                    pem.writeObject(thing instanceof PrivateKey key ? new JcaPKCS8Generator(key, null) : thing);
                }
            }
            Path side = Files.createTempFile(folder, name, ".new", PosixFilePermissions.asFileAttribute(OWNERS_FILE));
            Files.writeString(side, text.toString());
            Files.move(side, file(name), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new UncheckedIOException("The keys could not be written to " + folder + ": " + e.getMessage(), e);
        }
    }
}
