package potmellow.app.openapi;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Optional;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.stereotype.Component;

/** Every part of a record is required in the description of the interface, save those that are Optional in Java. */
@Component
class RequiredParts implements PropertyCustomizer {
    @Override
    @SuppressWarnings("rawtypes") // as the customizer it implements is declared
    public Schema customize(Schema property, AnnotatedType type) {
        if (type.getParent() != null && type.getPropertyName() != null && !isOptional(type)) {
            type.getParent().addRequiredItem(type.getPropertyName());
        }
        return property;
    }

    private static boolean isOptional(AnnotatedType type) {
        return type.getType() instanceof JavaType java
                ? java.hasRawClass(Optional.class)
                : type.getType().getTypeName().startsWith(Optional.class.getName());
    }
}
