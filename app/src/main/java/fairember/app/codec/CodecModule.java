package fairember.app.codec;

import com.fasterxml.jackson.annotation.JsonFormat;
import fairember.core.document.Description;
import fairember.core.input.InvalidInputException;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationConfig;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.deser.Deserializers;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.Serializers;

/** Lets records of the core go over the border by the {@link Codec}, wherever they stand in a request or an answer. */
public final class CodecModule extends SimpleModule {
    private static final long serialVersionUID = 1L;

    /** Whether the codec reads and writes a type: records of the core, and forms of requests. */
    public static boolean takes(Class<?> type) {
        String name = type.getName();
        boolean outside =
                name.startsWith("fairember.core.") || (name.startsWith("fairember.app.") && name.endsWith("Form"));
        return Layout.written(type) != type || (type.isRecord() && outside);
    }

    @Override
    public void setupModule(SetupContext context) {
        context.addDeserializers(new Reading());
        context.addSerializers(new Writing());
    }

    private static final class Reading extends Deserializers.Base {
        @Override
        public @Nullable ValueDeserializer<?> findBeanDeserializer(
                JavaType type, DeserializationConfig config, BeanDescription.Supplier bean) {
            return takes(type.getRawClass()) ? new RecordReader(type.getRawClass()) : null;
        }

        @Override
        public boolean hasDeserializerFor(DeserializationConfig config, Class<?> type) {
            return takes(type);
        }
    }

    private static final class Writing extends Serializers.Base {
        @Override
        public @Nullable ValueSerializer<?> findSerializer(
                SerializationConfig config, JavaType type, BeanDescription.Supplier bean, JsonFormat.Value format) {
            return takes(type.getRawClass()) ? new RecordWriter(type.getRawClass()) : null;
        }
    }

    private static final class RecordReader extends ValueDeserializer<Object> {
        private final Class<?> type;

        private RecordReader(Class<?> type) {
            this.type = type;
        }

        /**
         * Reads a record.
         *
         * @throws InvalidInputException with everything that is wrong
         */
        @Override
        public Object deserialize(JsonParser parser, DeserializationContext context) {
            JsonNode json = context.readTree(parser);
            Class<?> written = Layout.written(type);
            Object read = Codec.read(json, written, 0);
            return read instanceof Description<?> description && written != type ? description.described() : read;
        }
    }

    private static final class RecordWriter extends ValueSerializer<Object> {
        private final Class<?> type;

        private RecordWriter(Class<?> type) {
            this.type = type;
        }

        @Override
        public void serialize(Object value, JsonGenerator generator, SerializationContext context) {
            context.writeTree(generator, Codec.write((Record) Layout.described(value, type)));
        }
    }
}
