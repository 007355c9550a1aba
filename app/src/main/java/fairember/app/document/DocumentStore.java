package fairember.app.document;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The documents of one kind. The form that goes over the border is what is saved and what stands in the journal; a store says
 * only how a form is checked and what it refers to.
 *
 * @param <F> the form
 */
public abstract class DocumentStore<F> implements FormStore<F> {
    private static final int KEPT = 500;

    protected final DocumentTable table;
    private final String kind;
    private final Class<F> form;

    /** Forms by their JSON; they never change. */
    private final Cache<String, F> forms =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    protected DocumentStore(DocumentTable table, String kind, Class<F> form) {
        this.table = table;
        this.kind = kind;
        this.form = form;
    }

    /**
     * A form as it is saved: checked, and with what was not given filled in.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is wrong
     */
    protected abstract F checked(long id, F given);

    /** What a document needs to be there; nothing unless it is said. */
    protected Collection<Reference> references(long id, F saved) {
        return List.of();
    }

    @Override
    public String kind() {
        return kind;
    }

    @Override
    public Class<F> form() {
        return form;
    }

    @Override
    public Optional<Saved<F>> find(long id) {
        return table.find(kind, id).map(this::saved);
    }

    /** All of this kind, by name unless the store has a better order. */
    public List<Saved<F>> all() {
        return table.all(kind).stream().map(this::saved).toList();
    }

    private Saved<F> saved(DocumentTable.Row row) {
        F read = forms.get(row.json(), json -> table.mapper().readValue(json, form));
        return new Saved<>(row.id(), row.edition(), read);
    }

    @Override
    public void put(long id, F given) {
        JsonNode json = stripped(table.mapper().valueToTree(checked(id, given)));
        F saved = table.mapper().treeToValue(json, form);
        table.put(kind, id, nameOf(saved), json.toString(), references(id, saved));
    }

    @Override
    public void remove(long id) {
        table.remove(kind, id);
    }

    /** Without the spaces at the ends of texts. */
    private JsonNode stripped(JsonNode node) {
        if (node.isString()) {
            return node.asString().equals(node.asString().strip())
                    ? node
                    : table.mapper().getNodeFactory().stringNode(node.asString().strip());
        }
        if (node instanceof ObjectNode object) {
            object.properties().forEach(entry -> entry.setValue(stripped(entry.getValue())));
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, stripped(array.get(i)));
            }
        }
        return node;
    }
}
