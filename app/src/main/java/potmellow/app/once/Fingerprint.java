package potmellow.app.once;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import org.springframework.stereotype.Component;

/** By what the same is told from something else. */
@Component
class Fingerprint {
    private final ObjectMapper canonical;

    Fingerprint(ObjectMapper json) {
        this.canonical = json.copy()
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .setDefaultPropertyInclusion(JsonInclude.Include.NON_EMPTY);
    }

    /** SHA-256 of everything that was asked, hexadecimal. */
    String of(List<?> asked) {
        try {
            byte[] text = canonical.writeValueAsString(asked).getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text));
        } catch (JsonProcessingException | NoSuchAlgorithmException e) {
            throw new IllegalStateException("No fingerprint can be taken of " + asked + ".", e);
        }
    }
}
