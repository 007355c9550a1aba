package fairember.app.codec;

import fairember.core.input.InvalidInputException;
import java.lang.reflect.Type;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Turns records of value types into JSON and back, as their {@linkplain Layout components say}. Reading gathers all that is wrong,
 * each with its path; a record's own constructor is asked when its components are right.
 */
public final class Codec {
    /** Texts, numbers, choices, dates and times. */
    static final JsonMapper LEAVES = JsonMapper.builder()
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER)
            .build();

    private Codec() {}

    /**
     * The record that JSON describes.
     *
     * @param number that it is saved under, 0 when it is not
     * @throws InvalidInputException with everything that is wrong
     */
    public static <T> T read(JsonNode json, Class<T> type, long number) {
        return type.cast(new RecordReading(number).whole(json, type));
    }

    /** A record as JSON; what is nothing is left out. */
    public static ObjectNode write(Record whole) {
        return record(whole);
    }

    /**
     * Calls for each number of another thing in a record.
     *
     * @param each takes the kind of the other thing and its number, with the path to it
     */
    public static void references(Object whole, BiConsumer<Reference, String> each) {
        references(whole, "", each);
    }

    private static void references(Object whole, String path, BiConsumer<Reference, String> each) {
        for (Layout.Entry field : Layout.of(whole.getClass()).fields()) {
            Object value = field.of(whole);
            String at = field.inline() ? path : (path.isEmpty() ? "" : path + ".") + field.name();
            String kind = field.refersTo();
            if (kind != null && value instanceof Long id) {
                each.accept(new Reference(kind, id), at);
            } else if (value instanceof Record inner && field.quantity() == null) {
                references(inner, at, each);
            } else if (value instanceof List<?> list && field.quantity() == null) {
                for (int i = 0; i < list.size(); i++) {
                    if (list.get(i) instanceof Record inner) {
                        references(inner, at + "[" + i + "]", each);
                    }
                }
            }
        }
    }

    private static JsonNode value(Object value, Type type, @Nullable Quantity quantity) {
        Type held = Layout.held(type);
        if (held != null && value instanceof Optional<?> optional) {
            return value(optional.orElseThrow(), held, quantity);
        }
        if (held != null && value instanceof Collection<?> many) {
            ArrayNode list = LEAVES.createArrayNode();
            ordered(many).forEach(one -> list.add(value(one, held, quantity)));
            return list;
        }
        if (held != null && value instanceof Map<?, ?> map) {
            ObjectNode object = LEAVES.createObjectNode();
            map.forEach((key, one) -> object.set(String.valueOf(key), value(one, held, quantity)));
            return object;
        }
        if (quantity != null && quantity.type().isInstance(value)) {
            return LEAVES.valueToTree(quantity.bare().apply(value));
        }
        Object written = Layout.described(value, Layout.raw(type));
        return written instanceof Record whole ? record(whole) : LEAVES.valueToTree(written);
    }

    /** Sets of choices in the order of the choices, so that a thing is always written alike. */
    private static Collection<?> ordered(Collection<?> many) {
        return many instanceof Set<?> && many.stream().allMatch(Enum.class::isInstance)
                ? many.stream().sorted().toList()
                : many;
    }

    private static ObjectNode record(Record whole) {
        ObjectNode object = LEAVES.createObjectNode();
        fill(object, whole);
        return object;
    }

    private static void fill(ObjectNode object, Object whole) {
        for (Layout.Entry field : Layout.of(whole.getClass()).fields()) {
            Object value = field.of(whole);
            if (field.number() || value.equals(Optional.empty())) {
                continue;
            }
            if (field.inline()) {
                fill(object, value);
            } else {
                object.set(field.name(), value(value, field.type(), field.quantity()));
            }
        }
    }
}
