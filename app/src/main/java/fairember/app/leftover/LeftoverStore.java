package fairember.app.leftover;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.document.Reference;
import fairember.app.trialtile.ClayLearning;
import fairember.core.input.InvalidInputException;
import fairember.core.mix.Lump;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Repository;

/** The one box of leftovers. */
@Repository
public class LeftoverStore extends DocumentStore<LeftoversForm> {
    /** There is one box. */
    public static final long ID = 1;

    private final ClayLearning clays;

    LeftoverStore(DocumentTable table, ClayLearning clays) {
        super(table, "leftovers", LeftoversForm.class);
        this.clays = clays;
    }

    @Override
    public String nameOf(LeftoversForm form) {
        return "Leftovers";
    }

    /** The box; an empty one of edition 0 before anything was put in. */
    @Override
    public Optional<Saved<LeftoversForm>> find(long id) {
        return id == ID
                ? super.find(id).or(() -> Optional.of(new Saved<>(ID, 0, LeftoversForm.EMPTY)))
                : Optional.empty();
    }

    /** The box there is. */
    public Saved<LeftoversForm> saved() {
        return find(ID).orElseThrow();
    }

    /** Its lumps as the core takes them. */
    public List<Lump> lumps() {
        return saved().form().parse(clays.clays());
    }

    @Override
    protected LeftoversForm checked(long id, LeftoversForm given) {
        given.parse(clays.clays());
        for (int i = 0; i < given.lumps().size(); i++) {
            Long mixId = given.lumps().get(i).mixId();
            if (mixId != null && !table.holds(new Reference("mix", mixId))) {
                throw new InvalidInputException(
                        "lumps[" + i + "].mixId",
                        "mix " + mixId,
                        "a mix of the studio",
                        "Choose a mix of the studio, or leave the mix out.");
            }
        }
        return given;
    }

    @Override
    protected Collection<Reference> references(long id, LeftoversForm saved) {
        return saved.lumps().stream().flatMap(LeftoverStore::references).toList();
    }

    private static Stream<Reference> references(LeftoversForm.LumpForm lump) {
        return Stream.concat(
                Stream.ofNullable(lump.mixId()).map(mix -> new Reference("mix", mix)),
                lump.parts().stream().map(part -> new Reference("clay", part.clayId())));
    }

    @Override
    public void remove(long id) {
        throw new UnsupportedOperationException("A studio always has a box of leftovers.");
    }
}
