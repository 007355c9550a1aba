package fairember.app.codec;

import fairember.core.document.Default;
import fairember.core.document.InUnit;
import fairember.core.document.Inline;
import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.document.SavedUnder;
import fairember.core.document.Text;
import fairember.core.document.WrittenAs;
import fairember.core.input.Span;
import java.lang.annotation.Annotation;
import java.lang.reflect.Constructor;
import java.lang.reflect.Field;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.StringNode;

/**
 * How a record stands in JSON. A field is called as its component, and ends in the unit when its type is a {@link Quantity}, unless the
 * component is called as the unit; the range of a number is the {@link Span} of that field's name among the record's constants.
 *
 * @param type the record
 * @param constructor that takes its components
 * @param fields in the order of its components
 * @param flat all its fields in JSON, in order, those of inline records among them
 * @param byName the same by name
 */
public record Layout(
        Class<?> type, Constructor<?> constructor, List<Entry> fields, List<Entry> flat, Map<String, Entry> byName) {
    private static final JsonMapper JSON = new JsonMapper();

    private static final ClassValue<Layout> KNOWN = new ClassValue<>() {
        @Override
        protected Layout computeValue(Class<?> type) {
            Map<String, Span> spans = spans(type);
            List<Entry> fields = Arrays.stream(type.getRecordComponents())
                    .map(component -> Entry.of(component, spans))
                    .toList();
            List<Entry> flat = fields.stream()
                    .filter(field -> !field.number())
                    .flatMap(field -> field.inline() ? Layout.of(field.raw()).flat().stream() : Stream.of(field))
                    .toList();
            Map<String, Entry> byName = flat.stream().collect(Collectors.toMap(Entry::name, field -> field));
            return new Layout(type, constructor(type), fields, flat, byName);
        }
    };

    private static Constructor<?> constructor(Class<?> type) {
        try {
            Constructor<?> constructor = type.getDeclaredConstructor(Arrays.stream(type.getRecordComponents())
                    .map(RecordComponent::getType)
                    .toArray(Class<?>[]::new));
            constructor.setAccessible(true);
            return constructor;
        } catch (NoSuchMethodException broken) {
            throw new IllegalStateException("Cannot make " + type, broken);
        }
    }

    /** How a record of this type stands in JSON. */
    public static Layout of(Class<?> type) {
        return KNOWN.get(type);
    }

    /**
     * A field.
     *
     * @param name in JSON
     * @param type of the component, with what its lists hold
     * @param quantity of it or of what its list holds, when that is a value type
     * @param optional whether it may be left out
     * @param given what it is when it is left out; null when it is nothing then
     * @param span what its number may be, or null for any
     * @param refersTo kind of the thing whose number it is, or null
     * @param inline whether its fields stand in its place
     * @param number whether it is the number the thing is saved under
     * @param named whether it is a name
     * @param most letters of a text, or 0
     * @param read gives it of a record
     */
    public record Entry(
            String name,
            Type type,
            @Nullable Quantity quantity,
            boolean optional,
            @Nullable JsonNode given,
            @Nullable Span span,
            @Nullable String refersTo,
            boolean inline,
            boolean number,
            boolean named,
            int most,
            Method read) {
        private static Entry of(RecordComponent component, Map<String, Span> spans) {
            Type type = component.getGenericType();
            InUnit unit = component.getAnnotation(InUnit.class);
            Quantity quantity = Quantity.of(Layout.raw(innermost(type)), unit == null ? null : unit.value());
            String name = named(component.getName(), quantity);
            Default given = component.getAnnotation(Default.class);
            RefersTo to = component.getAnnotation(RefersTo.class);
            Text text = component.getAnnotation(Text.class);
            Method read = component.getAccessor();
            read.setAccessible(true);
            return new Entry(
                    name,
                    type,
                    quantity,
                    given != null
                            || Layout.raw(type) == Optional.class
                            || component.getAnnotatedType().isAnnotationPresent(Nullable.class),
                    given == null ? null : Layout.json(given.value()),
                    spans.get(name),
                    to == null ? null : to.value(),
                    has(component, Inline.class),
                    has(component, SavedUnder.class),
                    has(component, Name.class),
                    text == null ? 0 : text.most(),
                    read);
        }

        /** With the unit at its end, unless the name is the unit. */
        private static String named(String name, @Nullable Quantity quantity) {
            return quantity == null || name.equalsIgnoreCase(quantity.unit()) ? name : name + quantity.unit();
        }

        private static boolean has(RecordComponent component, Class<? extends Annotation> mark) {
            return component.isAnnotationPresent(mark);
        }

        /** The class of the component. */
        public Class<?> raw() {
            return Layout.raw(type);
        }

        /** The type of its JSON: that of the component, with bare numbers and texts in place of value types. */
        public Type json() {
            return Layout.json(raw() == Optional.class ? Objects.requireNonNull(held(type)) : type, quantity);
        }

        /** What it is of a record. */
        Object of(Object whole) {
            try {
                return Objects.requireNonNullElse(read.invoke(whole), Optional.empty());
            } catch (ReflectiveOperationException broken) {
                throw new IllegalStateException("Cannot read " + name + " of " + whole.getClass(), broken);
            }
        }
    }

    /** Makes a record of its components. */
    Object make(@Nullable Object[] components) throws InvocationTargetException {
        try {
            return constructor.newInstance(components);
        } catch (InstantiationException | IllegalAccessException broken) {
            throw new IllegalStateException("Cannot make " + type, broken);
        }
    }

    static Class<?> raw(Type type) {
        return type instanceof ParameterizedType of ? (Class<?>) of.getRawType() : (Class<?>) type;
    }

    /** What a list, set, map or optional holds; null when the type holds nothing. */
    public static @Nullable Type held(Type type) {
        return type instanceof ParameterizedType of
                ? of.getActualTypeArguments()[of.getActualTypeArguments().length - 1]
                : null;
    }

    private static Type innermost(Type type) {
        Type held = held(type);
        return held == null ? type : innermost(held);
    }

    /** The type a type is written as: itself, or its description. */
    public static Class<?> written(Class<?> type) {
        WrittenAs as = type.getAnnotation(WrittenAs.class);
        return as == null ? type : as.value();
    }

    /** A value as the record that describes it, when its type is written as one; itself otherwise. */
    static Object described(Object value, Class<?> type) {
        Class<?> as = written(type);
        if (as == type) {
            return value;
        }
        try {
            return as.getMethod("of", type).invoke(null, value);
        } catch (ReflectiveOperationException broken) {
            throw new IllegalStateException("Cannot describe " + type, broken);
        }
    }

    private static Type json(Type type, @Nullable Quantity quantity) {
        if (quantity != null && quantity.type() == type) {
            return quantity.json();
        }
        Type held = held(type);
        if (held != null && isList(raw(type))) {
            return new ListOf(json(held, quantity));
        }
        return type instanceof Class<?> whole ? written(whole) : type;
    }

    /** A list of something. */
    private record ListOf(Type of) implements ParameterizedType {
        @Override
        public Type[] getActualTypeArguments() {
            return new Type[] {of};
        }

        @Override
        public Type getRawType() {
            return List.class;
        }

        @Override
        public @Nullable Type getOwnerType() {
            return null;
        }
    }

    private static JsonNode json(String value) {
        return value.matches("[A-Z][A-Z_0-9]*") || value.isEmpty() ? StringNode.valueOf(value) : JSON.readTree(value);
    }

    private static Map<String, Span> spans(Class<?> type) {
        Map<String, Span> spans = new HashMap<>();
        for (Field constant : type.getDeclaredFields()) {
            if (Modifier.isStatic(constant.getModifiers()) && constant.getType() == Span.class) {
                try {
                    constant.setAccessible(true);
                    Span span = (Span) Objects.requireNonNull(constant.get(null));
                    spans.put(span.field(), span);
                } catch (IllegalAccessException broken) {
                    throw new IllegalStateException("Cannot read " + constant, broken);
                }
            }
        }
        return spans;
    }

    static boolean isList(Class<?> raw) {
        return Collection.class.isAssignableFrom(raw);
    }
}
