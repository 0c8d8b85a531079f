package reckonrod.server;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the HTTP interface. */
@Configuration
class OpenApiConfiguration {
    @Bean
    OpenAPI description() {
        // Where it was asked for; without this the address and port of whoever asks would be in every answer but the
        // first.
        return new OpenAPI().info(new Info().title("Reckonrod").version("1")).servers(List.of(new Server().url("/")));
    }

    /** In this version of OpenAPI a reference cannot say by itself that it may be null, so it is wrapped. */
    @Bean
    PropertyCustomizer nullableReferences() {
        return (property, type) -> {
            boolean nullable = type.getCtxAnnotations() != null
                    && Arrays.stream(type.getCtxAnnotations())
                            .anyMatch(each -> each instanceof io.swagger.v3.oas.annotations.media.Schema schema
                                    && schema.nullable());
            if (!nullable || property.get$ref() == null) {
                return property;
            }
            Schema<Object> wrapped = new Schema<>();
            wrapped.setNullable(true);
            wrapped.setAllOf(List.of(new Schema<>().$ref(property.get$ref())));
            return wrapped;
        };
    }

    /** Every component of a record is always there, unless it says that it may be null. */
    @Bean
    OpenApiCustomizer requiredComponents() {
        return api -> api.getComponents().getSchemas().values().forEach(OpenApiConfiguration::require);
    }

    private static void require(Schema<?> schema) {
        schema.setNullable(null);
        if (schema.getProperties() == null) {
            return;
        }
        Set<String> required = new TreeSet<>();
        for (Map.Entry<String, ?> property : schema.getProperties().entrySet()) {
            required.add(property.getKey());
        }
        schema.setRequired(List.copyOf(required));
    }
}
