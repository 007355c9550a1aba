/** Start at {@link fairember.app.database.Database}: connections to the one SQLite file, and its numbered migrations. */
@NullMarked
package fairember.app.database;

import org.jspecify.annotations.NullMarked;
