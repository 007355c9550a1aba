package fairember.app;

import com.fasterxml.jackson.databind.JavaType;
import fairember.app.codec.CodecModule;
import fairember.app.codec.Layout;
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
            JavaType coded = Json.mapper().constructType(type.getType());
            if (coded != null && CodecModule.takes(coded.getRawClass())) {
                return described(Layout.written(coded.getRawClass()), context);
            }
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

        /** A record as the codec reads and writes it. */
        private static Schema<?> described(Class<?> type, ModelConverterContext context) {
            String name = type.getSimpleName();
            Schema<?> known = context.getDefinedModels().get(name);
            if (known == null) {
                Schema<Object> schema = new Schema<>();
                schema.setType("object");
                schema.setName(name);
                context.defineModel(name, schema, type, null);
                List<String> required = new ArrayList<>();
                for (Layout.Entry field : Layout.of(type).flat()) {
                    schema.addProperty(
                            field.name(), context.resolve(new AnnotatedType(field.json()).resolveAsRef(true)));
                    if (!field.optional()) {
                        required.add(field.name());
                    }
                }
                schema.setRequired(required);
            }
            Schema<Object> reference = new Schema<>();
            reference.set$ref("#/components/schemas/" + name);
            return reference;
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
