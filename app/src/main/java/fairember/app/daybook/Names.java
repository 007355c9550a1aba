package fairember.app.daybook;

import fairember.app.database.Database;
import fairember.core.input.InvalidInputException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The names of the batches, designs and mixes that lines of the daybook are about. */
final class Names {
    private final Map<String, Map<Long, String>> byKind = new HashMap<>();

    Names(Database database) {
        database.list(
                "select kind, id, name from document where kind in ('batch', 'design', 'mix')",
                row -> byKind.computeIfAbsent(row.getString(1), kind -> new HashMap<>())
                        .put(row.getLong(2), row.getString(3)));
    }

    /** The name of a thing; nothing when there is none. */
    String of(String kind, @Nullable Long id) {
        return id == null ? "" : byKind.getOrDefault(kind, Map.of()).getOrDefault(id, "");
    }

    /**
     * The number of the thing of a name.
     *
     * @throws InvalidInputException on the column, when there is none of this name, or more than one
     */
    @Nullable
    Long number(String column, String kind, @Nullable String name) {
        if (name == null) {
            return null;
        }
        List<Long> found = new ArrayList<>();
        byKind.getOrDefault(kind, Map.of()).forEach((id, known) -> {
            if (known.equalsIgnoreCase(name)) {
                found.add(id);
            }
        });
        if (found.size() != 1) {
            throw new InvalidInputException(
                    column,
                    found.isEmpty() ? name : found.size() + " of the name " + name,
                    "the name of one " + kind + " of this studio",
                    found.isEmpty() ? "Check how it is written." : "Give them different names first.");
        }
        return found.get(0);
    }
}
