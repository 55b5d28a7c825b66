package potmellow.app.problem;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.introspect.Annotated;
import com.fasterxml.jackson.databind.introspect.AnnotatedParameter;
import com.fasterxml.jackson.databind.introspect.AnnotationIntrospectorPair;
import com.fasterxml.jackson.databind.introspect.NopAnnotationIntrospector;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * How bodies of requests are read, so that nothing that is null reaches a service: a text, list or map that is left out is empty, a
 * thing that may be left out is an {@link Optional}, and anything else must be told. Nothing that is far too long, too large or too deep
 * reaches one either, and no number that isn't finite.
 */
@Configuration(proxyBeanMethods = false)
class RequestReading {
    private static final long LARGEST_BODY = 4L * 1024 * 1024;
    private static final int DEEPEST = 60;

    @Bean
    Jackson2ObjectMapperBuilderCustomizer nothingIsNull() {
        return builder -> builder.deserializerByType(String.class, new BoundedText())
                .deserializerByType(double.class, new FiniteNumber(double.class))
                .deserializerByType(Double.class, new FiniteNumber(Double.class))
                .postConfigurer(RequestReading::guarded);
    }

    private static void guarded(ObjectMapper mapper) {
        mapper.getFactory()
                .setStreamReadConstraints(StreamReadConstraints.builder()
                        .maxDocumentLength(LARGEST_BODY)
                        .maxNestingDepth(DEEPEST)
                        .build());
        mapper.setAnnotationIntrospector(AnnotationIntrospectorPair.pair(
                JsonMapper.builder().build().getDeserializationConfig().getAnnotationIntrospector(), new Told()));
    }

    /** What becomes of a component of a record of this application that is null or left out. */
    private static final class Told extends NopAnnotationIntrospector {
        private static final long serialVersionUID = 1L;

        @Override
        public JsonSetter.Value findSetterInfo(Annotated annotated) {
            boolean ours = annotated instanceof AnnotatedParameter parameter
                    && parameter.getDeclaringClass().isRecord()
                    && parameter.getDeclaringClass().getName().startsWith("potmellow.app");
            return ours ? told(annotated.getRawType()) : JsonSetter.Value.empty();
        }

        private static JsonSetter.Value told(Class<?> type) {
            if (type == Optional.class || type.isPrimitive()) {
                return JsonSetter.Value.empty();
            }
            boolean many = Collection.class.isAssignableFrom(type) || Map.class.isAssignableFrom(type);
            if (many) {
                return JsonSetter.Value.construct(Nulls.AS_EMPTY, Nulls.FAIL);
            }
            return JsonSetter.Value.forValueNulls(type == String.class ? Nulls.AS_EMPTY : Nulls.FAIL);
        }
    }
}
