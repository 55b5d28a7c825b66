package potmellow.app.openapi;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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
        Map<String, List<Class<?>>> records = records();
        description
                .getComponents()
                .getSchemas()
                .forEach((name, schema) -> records.getOrDefault(name, List.of()).stream()
                        .filter(type -> isOf(schema, type))
                        .findFirst()
                        .ifPresent(type -> ((Schema<?>) schema).setRequired(requiredParts(type))));
    }

    /** Records that are never sent can have the same simple name as one that is. */
    private static boolean isOf(Schema<?> schema, Class<?> type) {
        Set<String> parts = Stream.of(type.getRecordComponents())
                .map(RecordComponent::getName)
                .collect(Collectors.toSet());
        return schema.getProperties() != null
                && parts.equals(schema.getProperties().keySet());
    }

    private static List<String> requiredParts(Class<?> type) {
        return Stream.of(type.getRecordComponents())
                .filter(part -> part.getType() != Optional.class)
                .map(RecordComponent::getName)
                .toList();
    }

    private static Map<String, List<Class<?>>> records() {
        ClassPathScanningCandidateComponentProvider scanner = new ClassPathScanningCandidateComponentProvider(false);
        scanner.addIncludeFilter(new AssignableTypeFilter(Record.class));
        return scanner.findCandidateComponents("potmellow").stream()
                .<Class<?>>map(found ->
                        ClassUtils.resolveClassName(found.getBeanClassName(), RequiredParts.class.getClassLoader()))
                .collect(Collectors.groupingBy(Class::getSimpleName));
    }
}
