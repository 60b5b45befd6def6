package notchbook.app.platform;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI description: every property is there unless the record says {@link Optional}. */
@Configuration
class ApiDescription {
    private static final String OPTIONAL = "x-optional";

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Notchbook").version("1"));
    }

    @Bean
    PropertyCustomizer optionalProperties() {
        return (property, type) -> {
            if (type.getType().getTypeName().contains(Optional.class.getName())) {
                property.addExtension(OPTIONAL, true);
            }
            return property;
        };
    }

    @Bean
    OpenApiCustomizer requiredProperties() {
        return api -> {
            api.setServers(List.of());
            api.getComponents().getSchemas().values().forEach(ApiDescription::requireAllButOptional);
        };
    }

    @SuppressWarnings("rawtypes")
    private static void requireAllButOptional(Schema<?> schema) {
        Map<String, Schema> properties = schema.getProperties();
        if (properties == null) {
            return;
        }
        schema.setRequired(properties.entrySet().stream()
                .filter(property -> !isOptional(property.getValue()))
                .map(Map.Entry::getKey)
                .toList());
        properties.values().forEach(property -> Optional.ofNullable(property.getExtensions())
                .ifPresent(found -> found.remove(OPTIONAL)));
    }

    private static boolean isOptional(Schema<?> property) {
        return property.getExtensions() != null && property.getExtensions().containsKey(OPTIONAL);
    }
}
