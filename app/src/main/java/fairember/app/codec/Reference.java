package fairember.app.codec;

/** Another document that a document needs: the database does not let it go before. */
public record Reference(String kind, long id) {}
