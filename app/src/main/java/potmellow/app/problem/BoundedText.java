package potmellow.app.problem;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.BeanProperty;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.deser.ContextualDeserializer;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.databind.deser.std.StringDeserializer;
import jakarta.validation.constraints.Size;
import java.io.IOException;

/** Reads a text that is no longer than may be: so that whatever reaches a service can be looked at without fear of its length. */
final class BoundedText extends StdScalarDeserializer<String> implements ContextualDeserializer {
    /** Of a text about which nothing else is said, characters: far more than is kept of any, whose own limit is told before. */
    static final int USUAL = 20_000;

    private static final long serialVersionUID = 1L;

    private final int longest;

    BoundedText() {
        this(USUAL);
    }

    private BoundedText(int longest) {
        super(String.class);
        this.longest = longest;
    }

    @Override
    public JsonDeserializer<?> createContextual(DeserializationContext context, BeanProperty property) {
        Size size = property == null ? null : property.getAnnotation(Size.class);
        return size == null ? this : new BoundedText(size.max());
    }

    /** What a text that is left out becomes. */
    @Override
    public Object getEmptyValue(DeserializationContext context) {
        return "";
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) throws IOException {
        String text = StringDeserializer.instance.deserialize(parser, context);
        if (text != null && text.length() > longest) {
            throw new TooLong(parser, text, longest);
        }
        return text;
    }

    /** A text that is longer than may be. */
    static final class TooLong extends JsonMappingException {
        private static final long serialVersionUID = 1L;

        private final String given;

        TooLong(JsonParser parser, String given, int longest) {
            super(parser, given.length() + " characters; at most " + longest + " are taken");
            this.given = given;
        }

        String given() {
            return given;
        }
    }
}
