package fairember.app.document;

/** Another document that a document needs: the database does not let it go before. */
public record Reference(String kind, long id) {}
