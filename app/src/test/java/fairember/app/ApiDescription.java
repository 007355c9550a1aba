package fairember.app;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;

/** How the records of the API are described: every component is there, unless it may be null. */
@TestConfiguration(proxyBeanMethods = false)
class ApiDescription {
    @Bean
    ModelConverter requiredComponents() {
        return new RequiredComponents();
    }

    private static final class RequiredComponents implements ModelConverter {
        @Override
        public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            JavaType java = Json.mapper().constructType(type.getType());
            if (java != null
                    && java.getRawClass().isRecord()
                    && java.getRawClass().getName().startsWith("fairember")) {
                Schema<?> model =
                        context.getDefinedModels().get(java.getRawClass().getSimpleName());
                require(model == null ? schema : model, java.getRawClass());
            }
            return schema;
        }

        private static void require(@Nullable Schema<?> schema, Class<?> type) {
            if (schema == null || schema.getProperties() == null) {
                return;
            }
            List<String> required = new ArrayList<>();
            for (RecordComponent component : type.getRecordComponents()) {
                if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                    required.add(component.getName());
                }
            }
            schema.setRequired(required);
        }
    }
}
