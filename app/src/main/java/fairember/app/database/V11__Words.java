package fairember.app.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One word for one thing: saved choices, kinds and the forms in the journal and in old versions take the names that the API
 * has now. Tables and columns keep theirs.
 */
final class V11__Words extends BaseJavaMigration {
    private static final JsonMapper JSON = new JsonMapper();

    private static final Map<String, String> KINDS = Map.of(
            "piece",
            "design",
            "run",
            "batch",
            "line",
            "range",
            "ways",
            "settings",
            "wishes",
            "constraints",
            "hand",
            "job");

    private static final Map<String, String> FIELDS = Map.ofEntries(
            Map.entry("pieceId", "designId"),
            Map.entry("pieceEdition", "designEdition"),
            Map.entry("runId", "batchId"),
            Map.entry("lineId", "rangeId"),
            Map.entry("boughtPartId", "findingId"),
            Map.entry("school", "bakingMethod"),
            Map.entry("longHoldMin", "longAndLowMin"),
            Map.entry("setMin", "partBakeMin"),
            Map.entry("holdMin", "bakingMin"),
            Map.entry("holdKw", "keepHotKw"),
            Map.entry("gate", "checks"),
            Map.entry("line", "check"));

    private static final Map<String, String> CHOICES = Map.of(
            "LONG_HOLD",
            "LONG_AND_LOW",
            "SET",
            "PART_BAKE",
            "CURE",
            "FULL_BAKE",
            "PORTION",
            "WEIGH_OUT",
            "GATE",
            "CHECKS");

    @Override
    public void migrate(Context context) throws Exception {
        Connection connection = context.getConnection();
        for (Map.Entry<String, String> kind : KINDS.entrySet()) {
            update(connection, "change", "kind", kind);
            update(connection, "last_id", "kind", kind);
        }
        for (Map.Entry<String, String> choice : CHOICES.entrySet()) {
            update(connection, "studio", "school", choice);
            update(connection, "piece", "school", choice);
            update(connection, "stage", "kind", choice);
            update(connection, "step", "station", choice);
        }
        forms(connection, "change", "before", "id", "id");
        forms(connection, "change", "after", "id", "id");
        forms(connection, "piece_version", "form", "piece_id", "edition");
    }

    private static void update(Connection connection, String table, String column, Map.Entry<String, String> words)
            throws SQLException {
        try (PreparedStatement change =
                connection.prepareStatement("update %1$s set %2$s = ? where %2$s = ?".formatted(table, column))) {
            change.setString(1, words.getValue());
            change.setString(2, words.getKey());
            change.executeUpdate();
        }
    }

    /** Renames what is in the forms of one column; each row is found again by its two key columns. */
    private static void forms(Connection connection, String table, String column, String one, String two)
            throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select %3$s, %4$s, %2$s from %1$s where %2$s is not null".formatted(table, column, one, two));
                PreparedStatement change = connection.prepareStatement(
                        "update %1$s set %2$s = ? where %3$s = ? and %4$s = ?".formatted(table, column, one, two))) {
            while (rows.next()) {
                change.setString(1, JSON.writeValueAsString(renamed("", JSON.readTree(rows.getString(3)))));
                change.setLong(2, rows.getLong(1));
                change.setLong(3, rows.getLong(2));
                change.addBatch();
            }
            change.executeBatch();
        }
    }

    private static JsonNode renamed(String field, JsonNode node) {
        if (node.isObject()) {
            ObjectNode copy = JSON.createObjectNode();
            node.properties()
                    .forEach(entry -> copy.set(
                            FIELDS.getOrDefault(entry.getKey(), entry.getKey()),
                            renamed(entry.getKey(), entry.getValue())));
            return copy;
        }
        if (node.isArray()) {
            ArrayNode copy = JSON.createArrayNode();
            node.forEach(item -> copy.add(renamed(field, item)));
            return copy;
        }
        boolean choice = field.equals("school") || field.equals("kind") || field.equals("station");
        return choice && node.isString()
                ? JSON.getNodeFactory().stringNode(CHOICES.getOrDefault(node.asString(), node.asString()))
                : node;
    }
}
