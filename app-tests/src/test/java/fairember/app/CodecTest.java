package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import fairember.app.codec.Codec;
import fairember.app.codec.Layout;
import fairember.app.document.DocumentStore;
import fairember.core.input.InputError;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Every document of the demo studio as JSON and back, whole and spoiled by lot. */
public class CodecTest extends ServerTest {
    private static final int SPOILED = 12;

    @Autowired
    private List<DocumentStore<?>> stores;

    /** A value somewhere in a document. */
    private record Leaf(String path, JsonNode holder, Object key) {
        private void set(JsonNode value) {
            if (key instanceof Integer place) {
                ((ArrayNode) holder).set(place, value);
            } else {
                ((ObjectNode) holder).set((String) key, value);
            }
        }
    }

    @Test
    public void everyDocumentIsARecordOfTheCoreAndComesBackAsItWent() {
        assertThat(stores).hasSizeGreaterThan(15);
        for (DocumentStore<?> store : stores) {
            for (Record document : documents(store)) {
                assertThat(document.getClass().getName()).startsWith("fairember.core.");
                JsonNode json = Codec.write(document);
                assertThat(Codec.write(read(json, document)))
                        .as("%s of %s", json, store.kind())
                        .isEqualTo(json);
            }
        }
    }

    @Test
    public void everyWrongValueIsNamedWithItsPathAndNoOther() {
        Random random = new Random(7);
        for (DocumentStore<?> store : stores) {
            for (Record document : documents(store)) {
                ObjectNode json = Codec.write(document);
                List<Leaf> leaves = new ArrayList<>();
                collect("", json, leaves);
                Collections.shuffle(leaves, random);
                List<Leaf> spoiled = leaves.subList(0, Math.min(leaves.size(), 1 + random.nextInt(SPOILED)));
                spoiled.forEach(leaf -> leaf.set(wrong(random)));
                assertThat(errors(json, document))
                        .as("%s of %s", json, store.kind())
                        .extracting(InputError::field)
                        .containsExactlyInAnyOrderElementsOf(
                                spoiled.stream().map(Leaf::path).toList());
            }
        }
    }

    @Test
    public void aNumberOutsideItsRangeIsRefusedWithTheRange() {
        int checked = 0;
        for (DocumentStore<?> store : stores) {
            for (Record document : documents(store)) {
                for (Layout.Entry field : Layout.of(document.getClass()).flat()) {
                    Span span = field.span();
                    ObjectNode json = Codec.write(document);
                    if (span != null && json.path(field.name()).isNumber()) {
                        json.put(field.name(), Math.floor(span.high()) + 1);
                        assertThat(errors(json, document))
                                .filteredOn(error -> error.field().equals(field.name()))
                                .as("%s of %s", field.name(), store.kind())
                                .hasSize(1);
                        checked++;
                    }
                }
            }
        }
        assertThat(checked).isGreaterThan(100);
    }

    private static List<Record> documents(DocumentStore<?> store) {
        return store.all().stream().<Record>map(saved -> saved.value()).toList();
    }

    private static Record read(JsonNode json, Record like) {
        return Codec.read(json, like.getClass(), 1);
    }

    private static List<InputError> errors(JsonNode json, Record like) {
        InvalidInputException refused = catchThrowableOfType(InvalidInputException.class, () -> read(json, like));
        return refused == null ? List.of() : refused.errors();
    }

    /** Nothing that any field of ours is. */
    private static JsonNode wrong(Random random) {
        JsonNodeFactory json = JsonNodeFactory.instance;
        return random.nextBoolean() ? json.objectNode() : json.arrayNode().add(json.objectNode());
    }

    private static void collect(String path, JsonNode node, List<Leaf> leaves) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(entry -> {
                String at = path.isEmpty() ? entry.getKey() : path + "." + entry.getKey();
                visit(new Leaf(at, node, entry.getKey()), entry.getValue(), leaves);
            });
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                visit(new Leaf(path + "[" + i + "]", node, i), array.get(i), leaves);
            }
        }
    }

    private static void visit(Leaf leaf, JsonNode value, List<Leaf> leaves) {
        if (value.isContainer()) {
            collect(leaf.path(), value, leaves);
        } else {
            leaves.add(leaf);
        }
    }
}
