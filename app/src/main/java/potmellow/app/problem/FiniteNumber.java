package potmellow.app.problem;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.deser.std.NumberDeserializers;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import java.io.IOException;

/** Reads a number that is one: neither “NaN” nor so large that it has no end, which would pass any limit or none. */
final class FiniteNumber extends StdScalarDeserializer<Double> {
    private static final long serialVersionUID = 1L;

    private final transient JsonDeserializer<?> plain;

    FiniteNumber(Class<Double> type) {
        super(type);
        this.plain = NumberDeserializers.find(type, type.getName());
    }

    @Override
    public Double getNullValue(DeserializationContext context) throws JsonMappingException {
        return (Double) plain.getNullValue(context);
    }

    @Override
    public Double deserialize(JsonParser parser, DeserializationContext context) throws IOException {
        Double number = (Double) plain.deserialize(parser, context);
        if (number != null && !Double.isFinite(number)) {
            throw context.weirdStringException(number.toString(), Double.class, "not a finite number");
        }
        return number;
    }
}
