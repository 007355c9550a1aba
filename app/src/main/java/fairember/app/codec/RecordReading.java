package fairember.app.codec;

import fairember.core.document.Description;
import fairember.core.input.Gathering;
import fairember.core.input.InputError;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.input.Words;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Type;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Reads one record, and gathers all that is wrong with it.
 *
 * @param number that it is saved under
 */
record RecordReading(long number) {
    Object whole(JsonNode json, Class<?> type) {
        if (!json.isObject()) {
            throw mismatch(json, type);
        }
        Gathering g = new Gathering();
        Map<String, Layout.Entry> known = Layout.of(type).byName();
        for (String name : json.propertyNames()) {
            if (!known.containsKey(name)) {
                g.error(name, name, "a known field", "Remove this field, or check its spelling.");
            }
        }
        Optional<Object> made = g.at("", () -> components(json, type));
        g.orRefuse();
        return made.orElseThrow();
    }

    private Object components(JsonNode json, Class<?> type) {
        Gathering g = new Gathering();
        List<Layout.Entry> fields = Layout.of(type).fields();
        @Nullable Object[] components = new Object[fields.size()];
        for (int i = 0; i < components.length; i++) {
            Layout.Entry field = fields.get(i);
            if (field.number()) {
                components[i] = number;
            } else if (field.inline()) {
                components[i] = g.at("", () -> components(json, field.raw())).orElse(null);
            } else {
                components[i] = field(g, json, field);
            }
        }
        g.orRefuse();
        return made(Layout.of(type), components);
    }

    private @Nullable Object field(Gathering g, JsonNode json, Layout.Entry field) {
        JsonNode found = json.path(field.name());
        boolean missing = found.isMissingNode() || found.isNull();
        JsonNode given = missing ? field.given() : found;
        if (given == null) {
            if (!field.optional()) {
                boolean list = Layout.isList(field.raw());
                g.error(
                        field.name(),
                        "nothing",
                        list ? "a list" : "a value",
                        list ? "Send the list." : "Enter a value.");
            }
            return field.raw() == Optional.class ? Optional.empty() : null;
        }
        Object value = g.at(field.name(), () -> checked(given, field)).orElse(null);
        return field.raw() == Optional.class ? Optional.ofNullable(value) : value;
    }

    private Object checked(JsonNode json, Layout.Entry field) {
        Type type = field.type();
        if (field.raw() == Optional.class) {
            type = Optional.ofNullable(Layout.held(type)).orElseThrow();
        }
        Object value = value(json, type, field);
        if (value instanceof String text) {
            return text(text, field);
        }
        return value;
    }

    private static String text(String text, Layout.Entry field) {
        if (field.named()) {
            return Words.name("", text);
        }
        if (field.most() > 0 && text.length() > field.most()) {
            throw new InvalidInputException(
                    "", text.length() + " letters", "at most " + field.most(), "Shorten the text.");
        }
        return text;
    }

    private Object value(JsonNode json, Type type, Layout.Entry field) {
        Class<?> raw = Layout.raw(type);
        Type held = Layout.held(type);
        if (held != null && Layout.isList(raw)) {
            return many(json, raw, held, field);
        }
        if (held != null) {
            return map(json, held, field);
        }
        Quantity quantity = field.quantity();
        if (quantity != null && quantity.type() == raw) {
            Object bare = leaf(json, quantity.json());
            inSpan(bare, field);
            return unnamed(() -> quantity.of().apply(bare));
        }
        Class<?> written = Layout.written(raw);
        if (written != raw) {
            return ((Description<?>) whole(json, written)).described();
        }
        if (raw.isRecord()) {
            return whole(json, raw);
        }
        Object leaf = leaf(json, raw);
        inSpan(leaf, field);
        return leaf;
    }

    private Object many(JsonNode json, Class<?> raw, Type held, Layout.Entry field) {
        if (!json.isArray()) {
            throw mismatch(json, raw);
        }
        Gathering g = new Gathering();
        List<Object> values = new ArrayList<>(json.size());
        for (int i = 0; i < json.size(); i++) {
            JsonNode one = json.get(i);
            g.at("[" + i + "]", () -> one.isNull() ? nothing() : value(one, held, field))
                    .ifPresent(values::add);
        }
        g.orRefuse();
        return raw == Set.class ? Collections.unmodifiableSet(new LinkedHashSet<>(values)) : List.copyOf(values);
    }

    private Object map(JsonNode json, Type held, Layout.Entry field) {
        if (!json.isObject()) {
            throw mismatch(json, Map.class);
        }
        Gathering g = new Gathering();
        Map<String, Object> values = new LinkedHashMap<>();
        json.forEachEntry((name, one) -> g.at(name, () -> one.isNull() ? nothing() : value(one, held, field))
                .ifPresent(value -> values.put(name, value)));
        g.orRefuse();
        return Collections.unmodifiableMap(values);
    }

    private static Object nothing() {
        throw new InvalidInputException("", "nothing", "a value", "Enter a value.");
    }

    private static void inSpan(Object bare, Layout.Entry field) {
        Span span = field.span();
        if (span != null && bare instanceof Number number) {
            unnamed(() -> span.check(number.doubleValue()));
        }
    }

    private static Object leaf(JsonNode json, Class<?> type) {
        if (type == double.class && json.isNumber()) {
            return json.doubleValue();
        }
        if (type == String.class && json.isString()) {
            return json.asString().strip();
        }
        if ((type == int.class || type == Integer.class) && json.canConvertToInt() && json.isIntegralNumber()) {
            return json.asInt();
        }
        if ((type == long.class || type == Long.class) && json.canConvertToLong() && json.isIntegralNumber()) {
            return json.asLong();
        }
        if (!json.isString() && (type.isEnum() || Temporal.class.isAssignableFrom(type))) {
            throw mismatch(json, type);
        }
        try {
            return Optional.<Object>ofNullable(Codec.LEAVES.treeToValue(json, type))
                    .orElseThrow(() -> mismatch(json, type));
        } catch (JacksonException unfit) {
            throw json.isIntegralNumber() && (type == int.class || type == long.class)
                    ? new InvalidInputException(
                            "", "a number that is too large", "a smaller number", "Enter a smaller number.")
                    : mismatch(json, type);
        }
    }

    private static Object made(Layout layout, @Nullable Object[] components) {
        try {
            return layout.make(components);
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(refused);
        }
    }

    /** What is wrong with a value, under the name of the field it is in. */
    private static <T> T unnamed(Supplier<T> value) {
        try {
            return value.get();
        } catch (InvalidInputException refused) {
            throw new InvalidInputException(refused.errors().stream()
                    .map(e -> new InputError("", e.found(), e.allowed(), e.fix(), e.message()))
                    .toList());
        }
    }

    private static InvalidInputException mismatch(JsonNode found, Class<?> wanted) {
        String allowed = Allowed.words(wanted);
        return new InvalidInputException("", Allowed.shortened(found.toString()), allowed, "Enter " + allowed + ".");
    }
}
