package fairember.app.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes forms of rows. A query names its columns as the fields of the form. A name with points goes into an object within; one
 * that ends in {@code ?} is a truth, in {@code {}} JSON, in {@code []} words between commas; what is null is left out. A row
 * of a list whose column has no name is that value alone.
 */
final class FormRows {
    private static final JsonMapper JSON = new JsonMapper();

    private FormRows() {}

    /**
     * A list within a form.
     *
     * @param sql gives its rows; its one parameter is the number in the first column of the row it belongs to
     */
    record Children(String field, String sql, List<Children> within) {
        Children(String field, String sql) {
            this(field, sql, List.of());
        }
    }

    /** The documents of a kind. The first columns of the query are the number, the edition and the name. */
    static void documents(Connection connection, String kind, String sql, Children... lists) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql);
                PreparedStatement add = connection.prepareStatement("insert into document values (?, ?, ?, ?, ?)")) {
            while (rows.next()) {
                ObjectNode form = (ObjectNode) form(connection, rows, 3, List.of(lists));
                add.setString(1, kind);
                add.setLong(2, rows.getLong(1));
                add.setInt(3, rows.getInt(2));
                add.setString(4, rows.getString(3));
                add.setString(5, JSON.writeValueAsString(form));
                add.addBatch();
            }
            add.executeBatch();
        }
    }

    /** The form in a row from a column on, its lists filled by the number in the first column. */
    private static JsonNode form(Connection connection, ResultSet row, int from, List<Children> lists)
            throws SQLException {
        ResultSetMetaData columns = row.getMetaData();
        ObjectNode form = JSON.createObjectNode();
        for (int i = from; i <= columns.getColumnCount(); i++) {
            Object value = row.getObject(i);
            if (value != null) {
                String name = columns.getColumnLabel(i);
                if (name.isEmpty() && from == 2) {
                    return JSON.valueToTree(value);
                }
                if (!name.isEmpty()) {
                    put(form, name, value);
                }
            }
        }
        for (Children list : lists) {
            ArrayNode items = form.putArray(list.field());
            try (PreparedStatement statement = connection.prepareStatement(list.sql())) {
                statement.setLong(1, row.getLong(1));
                try (ResultSet rows = statement.executeQuery()) {
                    while (rows.next()) {
                        items.add(form(connection, rows, 2, list.within()));
                    }
                }
            }
        }
        return form;
    }

    private static void put(ObjectNode form, String name, Object value) {
        int point = name.indexOf('.');
        if (point > 0) {
            put(form.withObjectProperty(name.substring(0, point)), name.substring(point + 1), value);
        } else if (name.endsWith("?")) {
            form.put(name.substring(0, name.length() - 1), ((Number) value).intValue() != 0);
        } else if (name.endsWith("{}")) {
            form.set(name.substring(0, name.length() - 2), JSON.readTree((String) value));
        } else if (name.endsWith("[]")) {
            form.set(name.substring(0, name.length() - 2), JSON.valueToTree(((String) value).split(",", -1)));
        } else {
            form.set(name, JSON.valueToTree(value));
        }
    }
}
