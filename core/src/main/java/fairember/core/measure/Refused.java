package fairember.core.measure;

import java.util.List;
import java.util.stream.Collectors;

/** Thrown when an input cannot be taken. It carries every {@link Wrong} that was found, never an empty list. */
public final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient List<Wrong> wrongs;

    public Refused(List<Wrong> wrongs) {
        super(wrongs.stream().map(Wrong::sentence).collect(Collectors.joining(" ")));
        this.wrongs = List.copyOf(wrongs);
    }

    public Refused(String field, String found, String allowed, String mend) {
        this(List.of(new Wrong(field, found, allowed, mend)));
    }

    public List<Wrong> wrongs() {
        return wrongs;
    }
}
