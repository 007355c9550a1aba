package fairember.app.database;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.AbstractPlatformTransactionManager;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Transactions on the one writing connection, begun and ended in SQL. The driver's own autocommit switch is left alone:
 * SQLite rolls back by itself when the disk is full, and the driver would then end a transaction that is no longer there.
 */
final class WritingTransactions extends AbstractPlatformTransactionManager {
    private static final long serialVersionUID = 1L;
    private final transient DataSource writer;

    WritingTransactions(DataSource writer) {
        this.writer = writer;
    }

    /** The transaction a caller takes part in. */
    private static final class Taken {
        private @Nullable Connection connection;
        private boolean rollbackOnly;
    }

    @Override
    protected Object doGetTransaction() {
        Taken taken = (Taken) TransactionSynchronizationManager.getResource(writer);
        return taken == null ? new Taken() : taken;
    }

    @Override
    protected boolean isExistingTransaction(Object transaction) {
        return ((Taken) transaction).connection != null;
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        Taken taken = (Taken) transaction;
        try {
            Connection connection = writer.getConnection();
            try {
                execute(connection, "begin immediate");
            } catch (SQLException trouble) {
                connection.close();
                throw trouble;
            }
            taken.connection = connection;
            TransactionSynchronizationManager.bindResource(writer, taken);
        } catch (SQLException trouble) {
            throw new StoreException(trouble);
        }
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        try {
            execute(connection(status.getTransaction()), "commit");
        } catch (SQLException trouble) {
            doRollback(status);
            throw new StoreException(trouble);
        }
    }

    @Override
    protected void doRollback(DefaultTransactionStatus status) {
        try {
            execute(connection(status.getTransaction()), "rollback");
        } catch (SQLException rolledBackAlready) {
            logger.debug("Nothing was left to roll back", rolledBackAlready);
        }
    }

    @Override
    protected void doSetRollbackOnly(DefaultTransactionStatus status) {
        ((Taken) status.getTransaction()).rollbackOnly = true;
    }

    @Override
    protected void prepareForCommit(DefaultTransactionStatus status) {
        if (((Taken) status.getTransaction()).rollbackOnly) {
            throw new IllegalStateException("Part of this change failed, so none of it was saved.");
        }
    }

    @Override
    protected void doCleanupAfterCompletion(Object transaction) {
        TransactionSynchronizationManager.unbindResource(writer);
        Taken taken = (Taken) transaction;
        try {
            connection(taken).close();
        } catch (SQLException trouble) {
            logger.debug("The connection was lost already", trouble);
        }
        taken.connection = null;
    }

    /** The connection of the running transaction; null outside one. */
    static @Nullable Connection running(DataSource writer) {
        Taken taken = (Taken) TransactionSynchronizationManager.getResource(writer);
        return taken == null ? null : taken.connection;
    }

    private static Connection connection(Object transaction) {
        Connection connection = ((Taken) transaction).connection;
        if (connection == null) {
            throw new IllegalStateException("No transaction was begun.");
        }
        return connection;
    }

    private static void execute(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }
}
