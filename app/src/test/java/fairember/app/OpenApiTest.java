package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The committed description of the API is the one the controllers have. Run with {@code -Dopenapi.write=true} to write it
 * anew; the types of the pages are made from it.
 */
public class OpenApiTest extends ServerTest {
    private static final Path COMMITTED = Path.of("src/main/resources/openapi/openapi.json");

    @TestConfiguration
    static class Described {
        /** Every component of a record is there, unless it may be null. */
        @Bean
        ModelConverter requiredComponents() {
            return new RequiredComponents();
        }
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

    @Test
    public void theCommittedDescriptionIsTheOneOfTheControllers() throws IOException {
        JsonNode now = described(http().get("/v3/api-docs").json());
        JsonMapper pretty = JsonMapper.builder()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .build();
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, pretty.writeValueAsString(now) + "\n");
        }
        assertThat(Http.JSON.readTree(Files.readString(COMMITTED)))
                .as("the API differs from openapi.json; write it anew with -Dopenapi.write=true")
                .isEqualTo(now);
    }

    @Test
    public void theDescriptionIsServedWithTheApplication() {
        assertThat(http().get("/api/openapi.json").json().path("paths").size()).isGreaterThan(20);
    }

    private static JsonNode described(JsonNode document) {
        ObjectNode now = (ObjectNode) document;
        now.remove("servers");
        now.putObject("info").put("title", "Fair Ember").put("version", "1");
        return now;
    }
}
