package fairember.app.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Locale;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Setting paint, which took as long as a part-bake, keeps those minutes under its own name. Bakes in one line become bakes of assemblies: those of separate parts are sets that are joined before the next bake of the
 * whole piece. Bakes keep their numbers, so that loads in the log still mean the same.
 */
final class V16__Assemblies extends BaseJavaMigration {
    private static final JsonMapper JSON = new JsonMapper();

    private static final String PAINT = """
            update "%1$s" set "%2$s" = json_set("%2$s", '$.paintMin', "%2$s" -> '$.partBakeMin')
            where kind = 'settings' and "%2$s" is not null
            """;

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        try (Statement statement = connection.createStatement()) {
            statement.execute(PAINT.formatted("document", "json"));
            statement.execute(PAINT.formatted("change", "before"));
            statement.execute(PAINT.formatted("change", "after"));
        }
        forms(connection, "document", "json", "kind = 'design'");
        forms(connection, "document_version", "json", "kind = 'design'");
        forms(connection, "change", "before", "kind = 'design' and before is not null");
        forms(connection, "change", "after", "kind = 'design' and after is not null");
    }

    private static void forms(Connection connection, String table, String column, String which) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows =
                        statement.executeQuery("select rowid, %s from %s where %s".formatted(column, table, which));
                PreparedStatement change =
                        connection.prepareStatement("update %s set %s = ? where rowid = ?".formatted(table, column))) {
            while (rows.next()) {
                JsonNode form = JSON.readTree(rows.getString(2));
                if (form instanceof ObjectNode design && !design.has("assemblies")) {
                    change.setString(1, JSON.writeValueAsString(joined(design)));
                    change.setLong(2, rows.getLong(1));
                    change.addBatch();
                }
            }
            change.executeBatch();
        }
    }

    /** The form of a design whose bakes were one line. */
    static ObjectNode joined(ObjectNode design) {
        ArrayNode assemblies = JSON.createArrayNode();
        assemblies.addObject().put("name", "Whole piece").put("joint", "CURED").put("separate", false);
        JsonNode stages = design.path("stages");
        int[] assembly = new int[stages.size() + 1];
        int[] bake = new int[stages.size() + 1];
        int whole = 0;
        for (int i = 0; i < stages.size(); i++) {
            ObjectNode stage = (ObjectNode) stages.get(i);
            if (stage.path("loose").asBoolean()) {
                assembly[i] = assemblies.size();
                String name = stage.path("name").asString();
                ObjectNode set = assemblies.addObject();
                set.put("name", name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1));
                set.putObject("into").put("assembly", 0).put("bake", whole);
                set.put("joint", "CURED").put("separate", true);
            } else {
                bake[i] = whole;
                whole++;
            }
            stage.remove("loose");
            stage.put("assembly", assembly[i]);
        }
        bake[stages.size()] = whole;
        for (String list : new String[] {"parts", "steps"}) {
            for (JsonNode node : design.path(list)) {
                ObjectNode item = (ObjectNode) node;
                int stage = Math.min(item.path("stage").asInt(), stages.size());
                item.remove("stage");
                item.put("assembly", assembly[stage]).put("bake", bake[stage]);
            }
        }
        design.set("assemblies", assemblies);
        return design;
    }
}
