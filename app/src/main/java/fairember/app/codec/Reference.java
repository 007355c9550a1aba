package fairember.app.codec;

/** Another document that a document needs: the database does not let it go before. */
public record Reference(String kind, long id) {
    /** What such a thing is called in messages. */
    public String words() {
        return kind.equals("range") ? "clay range" : kind;
    }
}
