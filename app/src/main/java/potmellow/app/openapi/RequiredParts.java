package potmellow.app.openapi;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AssignableTypeFilter;
import org.springframework.stereotype.Component;
import org.springframework.util.ClassUtils;

/** Every part of a record is required in the description of the interface, save those that are Optional in Java. */
@Component
class RequiredParts implements OpenApiCustomizer {
    @Override
    public void customise(OpenAPI description) {
        Map<String, Class<?>> records = records();
        description.getComponents().getSchemas().forEach((name, schema) -> {
            if (records.containsKey(name)) {
                ((Schema<?>) schema).setRequired(requiredParts(records.get(name)));
            }
        });
    }

    private static List<String> requiredParts(Class<?> type) {
        return Stream.of(type.getRecordComponents())
                .filter(part -> part.getType() != Optional.class)
                .map(RecordComponent::getName)
                .toList();
    }

    private static Map<String, Class<?>> records() {
        ClassPathScanningCandidateComponentProvider scanner = new ClassPathScanningCandidateComponentProvider(false);
        scanner.addIncludeFilter(new AssignableTypeFilter(Record.class));
        Map<String, Class<?>> records = new HashMap<>();
        scanner.findCandidateComponents("potmellow").forEach(found -> {
            Class<?> type = ClassUtils.resolveClassName(found.getBeanClassName(), RequiredParts.class.getClassLoader());
            records.put(type.getSimpleName(), type);
        });
        return records;
    }
}
