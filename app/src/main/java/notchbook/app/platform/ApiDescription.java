package notchbook.app.platform;

import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI description: every part of a record is there unless the record says {@link Optional}. */
@Configuration
class ApiDescription {
    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Notchbook").version("1"));
    }

    /** The description names no server, so that it is the same wherever it is made. */
    @Bean
    OpenApiCustomizer withoutServers() {
        return api -> api.setServers(List.of());
    }

    @Bean
    ModelConverter requiredUnlessOptional() {
        return new RequiredUnlessOptional();
    }

    private static final class RequiredUnlessOptional implements ModelConverter {
        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            if (!chain.hasNext()) {
                return null;
            }
            var schema = chain.next().resolve(type, context, chain);
            var raw =
                    TypeFactory.defaultInstance().constructType(type.getType()).getRawClass();
            if (raw.isRecord()) {
                Optional.ofNullable(context.getDefinedModels().get(raw.getSimpleName()))
                        .ifPresent(model -> model.setRequired(required(raw)));
            }
            return schema;
        }

        private static List<String> required(Class<?> raw) {
            return Arrays.stream(raw.getRecordComponents())
                    .filter(component -> component.getType() != Optional.class)
                    .map(RecordComponent::getName)
                    .toList();
        }
    }
}
